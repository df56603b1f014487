import { TimerBar } from '@/features/shared/TimerBar';
import { NoticeBar } from './NoticeBar';
import { SyncBar } from './SyncBar';

/** What is told at the foot of every screen. */
export const Bars = () => (
  <>
    <SyncBar />
    <TimerBar />
    <NoticeBar />
  </>
);
