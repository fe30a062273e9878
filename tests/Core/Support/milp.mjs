// Solves the models of a list by HiGHS, a solver of mixed-integer programs, and answers the value of each.
import { readFileSync } from 'node:fs';
import loadSolver from 'highs';

try {
    const solver = await loadSolver();
    const models = JSON.parse(readFileSync(0, 'utf8'));
    process.stdout.write(JSON.stringify(models.map((model) => solver.solve(model).ObjectiveValue)));
} catch (error) {
    process.stderr.write(`${String(error.message).slice(0, 500)}\n`);
    process.exitCode = 1;
}
