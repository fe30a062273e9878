// Codes by otpauth: secrets and times in, codes out.
import { TOTP } from 'otpauth';

let text = '';
for await (const chunk of process.stdin) {
    text += chunk;
}
const codes = JSON.parse(text).map(([secret, time]) => new TOTP({ secret, algorithm: 'SHA1', digits: 6, period: 30 }).generate({ timestamp: time * 1000 }));
process.stdout.write(JSON.stringify(codes));
