import { Agent, get } from 'node:http';
import { parentPort, workerData } from 'node:worker_threads';

/**
 * Asks whether the server lives every `every` ms until told to stop, then says how long each answer took, in ms. In a thread of its own, on
 * a connection of its own: fifty clients in one process wait for each other, which is not the server's doing.
 */
const { url, every } = workerData;
const agent = new Agent({ keepAlive: true, maxSockets: 1 });
const times = [];
let stopped = false;
parentPort.once('message', () => {
  stopped = true;
});

function ask() {
  if (stopped) {
    agent.destroy();
    parentPort.postMessage(times);
    return;
  }
  const began = performance.now();
  get(url, { agent }, (answer) => {
    answer.resume();
    answer.once('end', () => {
      times.push(performance.now() - began);
      setTimeout(ask, every);
    });
  });
}

ask();
