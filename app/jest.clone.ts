import { deserialize, serialize } from 'node:v8';

globalThis.structuredClone ??= <T>(it: T): T => deserialize(serialize(it)) as T;
