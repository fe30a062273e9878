// Writes what was built a second and a third time, as small as it gets, so that the server has nothing to compress.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const LEAST = 1000;

const built = new URL('../public/build/', import.meta.url);
for (const name of readdirSync(built, { recursive: true }).filter((one) => /\.(js|css|svg|json)$/.test(one))) {
    const bytes = readFileSync(new URL(name, built));
    if (bytes.length >= LEAST) {
        const params = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length };
        writeFileSync(new URL(`${name}.br`, built), brotliCompressSync(bytes, { params }));
        writeFileSync(new URL(`${name}.gz`, built), gzipSync(bytes, { level: constants.Z_BEST_COMPRESSION }));
    }
}
