import { TimerBar, useTimersShown } from '@/features/shared/TimerBar';
import { useNotice } from '@/state/notice';
import { NoticeBar } from './NoticeBar';
import { SyncBar } from './SyncBar';

interface BarsProps {
  /** A message has its line here; else it stands within the foot of the screen. */
  readonly withMessage: boolean;
  /** On a phone one line at a time: what presses most. */
  readonly narrow: boolean;
}

/** What is told at the foot of every screen. */
export const FootBars = ({ withMessage, narrow }: BarsProps) => {
  const notice = useNotice();
  const timers = useTimersShown();
  const message = withMessage && notice !== null;
  const isOver = timers.some((it) => it.isOver);
  const showsTimers = narrow ? timers.length > 0 && (isOver || !message) : timers.length > 0;
  const showsMessage = message && !(narrow && isOver);
  return (
    <>
      {narrow && (showsTimers || showsMessage) ? null : <SyncBar narrow={narrow} />}
      {showsTimers ? <TimerBar timers={timers} narrow={narrow} /> : null}
      {showsMessage ? <NoticeBar /> : null}
    </>
  );
};
