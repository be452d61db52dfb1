import Database from 'better-sqlite3';
import { parentPort, workerData } from 'node:worker_threads';
import { faultsIn } from './laws';

const { path } = workerData as { readonly path: string };
const db = new Database(path, { readonly: true });
const result = faultsIn(db);
db.close();
parentPort?.postMessage({ result });
