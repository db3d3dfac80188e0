import { workerData } from 'node:worker_threads';
import { tsImport } from 'tsx/esm/api';

// For tests and development alone: a thread begins with JavaScript, and what it runs is TypeScript.
await tsImport(workerData.source, import.meta.url);
