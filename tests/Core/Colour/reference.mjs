// Colours by libraries that are not ours, for the tests: JSON in, JSON out.
import { differenceCiede2000 } from 'culori';
import * as spectral from 'spectral.js';

const lab = ([l, a, b]) => ({ mode: 'lab65', l, a, b });

const commands = {
    difference: (pairs) => {
        const difference = differenceCiede2000();
        return pairs.map(([one, other]) => difference(lab(one), lab(other)));
    },
    mix: (mixes) =>
        mixes.map((parts) =>
            spectral.mix(...parts.map(([hex, share]) => [new spectral.Color(hex), share])).toString(),
        ),
};

const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
process.stdout.write(JSON.stringify(commands[process.argv[2]](JSON.parse(Buffer.concat(chunks).toString()))));
