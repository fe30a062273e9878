import { vi } from 'vitest';

export interface Sent {
    method: string;
    path: string;
    body: unknown;
}

type Answer = [status: number, body: unknown];

/** Of most figures there is no picture, and nobody has anything to paint. */
const NOTHING = { '/outlines': [], '/estimate': [], '/api/plan': { painters: [], jobs: [], nobody: 0, looks: [] } };

/**
 * Stands for the API: answers each request as it is told, and keeps what was sent. What a page asks for by itself,
 * by the end of its path, is answered beside and not kept: when it comes is of no matter to the test.
 */
export function answering(answer: (sent: Sent) => Answer | Promise<Answer>, given: Record<string, unknown> = {}): Sent[] {
    const beside: Record<string, unknown> = { ...NOTHING, ...given };
    const sent: Sent[] = [];
    vi.stubGlobal('fetch', async (input: Request | string) => {
        const request = typeof input === 'string' ? new Request(new URL(input, 'http://localhost')) : input;
        const text = await request.text();
        const one = {
            method: request.method,
            path: new URL(request.url).pathname,
            // A file that is sent goes as a form, which is kept as it is.
            body: text === '' ? null : text.startsWith('{') ? (JSON.parse(text) as unknown) : text,
        };
        const aside = Object.keys(beside).find((end) => one.path.endsWith(end));
        if (aside === undefined) {
            sent.push(one);
        }
        const [status, body] = aside === undefined ? await answer(one) : [200, beside[aside]];
        return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
    });
    return sent;
}

export function refusal(
    code: string,
    message: string,
    path = '',
    problems: { path: string; message: string }[] = [],
    about = '',
) {
    return { error: { code, message, path, problems, about } };
}
