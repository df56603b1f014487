import { planCommand } from './plan';

const { code, out, err } = planCommand(process.argv.slice(2));
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = code;
