/** Loads test files into one process, for Node's own runner: what they all import is loaded and compiled once. */
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';

for (const file of process.argv.slice(2)) await import(pathToFileURL(resolve(file)).href);
