import { expose } from 'comlink';
import { bodiesOf, bodyLanes, compile, type Practice } from '@/core/practice';

const api = {
  lanes: (practice: Practice) => {
    const timeline = compile(practice);
    return bodyLanes(timeline, bodiesOf(practice, timeline));
  },
};
export type LanesWorker = typeof api;

expose(api);
