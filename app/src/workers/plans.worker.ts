import { PLANS, type PlanAnswer, type PlanQuestion } from './plans';

self.onmessage = ({ data }: MessageEvent<PlanQuestion>) => {
  const { id, kind, piece, shop } = data;
  const answer: PlanAnswer = { id, plan: PLANS[kind](piece, shop) };
  self.postMessage(answer);
};
