import { readConfig } from '../config';
import { dbCommand } from './db';

const { code, text } = await dbCommand(readConfig(process.env).DB_FILE, process.argv.slice(2));
(code === 0 ? process.stdout : process.stderr).write(text);
process.exitCode = code;
