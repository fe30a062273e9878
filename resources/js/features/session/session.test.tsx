import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { App } from 'antd';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { SignInPage } from './SignInPage';

function door(from?: string) {
    render(
        <App component={false}>
            <QueryClientProvider client={new QueryClient()}>
                <MemoryRouter initialEntries={[{ pathname: '/sign-in', state: from === undefined ? null : { from } }]}>
                    <Routes>
                        <Route path="/sign-in" element={<SignInPage />} />
                        <Route path="/" element={<p>what waits</p>} />
                        <Route path="/jobs/7" element={<p>the job</p>} />
                    </Routes>
                </MemoryRouter>
            </QueryClientProvider>
        </App>,
    );
}

async function say(code?: string) {
    if (code === undefined) {
        await userEvent.type(screen.getByLabelText('E-mail'), 'isla@kittiwake.example');
        await userEvent.type(screen.getByLabelText('Password'), 'three lamps on the quay');
    } else {
        await userEvent.type(screen.getByLabelText(/^Code of your app/), code);
    }
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
}

describe('the door', () => {
    it('leads to what waits', async () => {
        const sent = answering(() => [200, session()]);
        door();
        await say();
        expect(await screen.findByText('what waits')).toBeTruthy();
        expect(sent.at(-1)).toMatchObject({ path: '/api/session', body: { email: 'isla@kittiwake.example', code: null } });
    });

    it('leads back to where one was sent away from', async () => {
        answering(() => [200, session()]);
        door('/jobs/7');
        await say();
        expect(await screen.findByText('the job')).toBeTruthy();
    });

    it('asks for the code only of who has a second factor, and keeps address and password meanwhile', async () => {
        answering(({ body }) =>
            typeof body === 'object' && body !== null && 'code' in body && body.code === '123456'
                ? [200, session()]
                : [422, refusal('code-needed', 'This account has a second factor: say the code of your app.', '/code')],
        );
        door();
        expect(screen.queryByLabelText(/^Code of your app/)).toBeNull();
        await say();
        await screen.findByText(/say the code of your app/);
        expect(screen.getByLabelText('E-mail')).toHaveProperty('value', 'isla@kittiwake.example');
        await say('123456');
        expect(await screen.findByText('what waits')).toBeTruthy();
    });

    it('says what is missing before anything is sent', async () => {
        const sent = answering(() => [200, session()]);
        door();
        await userEvent.click(screen.getByRole('button', { name: 'Sign in' }));
        expect(await screen.findByText('Your password.')).toBeTruthy();
        expect(sent).toHaveLength(0);
    });
});
