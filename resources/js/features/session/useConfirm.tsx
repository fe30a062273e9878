import { api, ApiError, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { Input, Modal } from 'antd';
import { createContext, type ReactNode, useCallback, useContext, useState } from 'react';

type Confirmed = <T>(deed: () => Promise<T>) => Promise<T>;

const Confirming = createContext<Confirmed | null>(null);

interface Waiting {
    go: () => void;
    leave: () => void;
}

/** Asks for the password once more where the server wants it before what cannot be undone, and does the deed then. */
export function ConfirmProvider({ children }: { children: ReactNode }) {
    const [waiting, setWaiting] = useState<Waiting | null>(null);
    const [password, setPassword] = useState('');
    const [error, setError] = useState<ApiError | null>(null);
    const confirmed: Confirmed = useCallback(
        async (deed) =>
            deed().catch((refused: unknown) => {
                if (!(refused instanceof ApiError) || refused.status !== 423) {
                    throw refused;
                }
                return new Promise((resolve, reject) => {
                    setPassword('');
                    setError(null);
                    setWaiting({ go: () => void deed().then(resolve, reject), leave: () => reject(refused) });
                });
            }),
        [],
    );
    const say = () =>
        unwrap(api.POST('/api/account/confirmation', { body: { password } })).then(
            () => {
                waiting?.go();
                setWaiting(null);
            },
            (wrong: unknown) => setError(wrong instanceof ApiError ? wrong : null),
        );
    return (
        <Confirming.Provider value={confirmed}>
            {children}
            <Modal
                open={waiting !== null}
                title="Your password once more"
                okText="Go on"
                cancelText="Leave it"
                onOk={() => void say()}
                onCancel={() => {
                    waiting?.leave();
                    setWaiting(null);
                }}
            >
                <label className="confirm-password">
                    This cannot be undone, so it waits for your password.
                    <Input.Password
                        aria-label="Your password"
                        autoFocus
                        autoComplete="current-password"
                        value={password}
                        onChange={(event) => setPassword(event.target.value)}
                        onPressEnter={() => void say()}
                    />
                </label>
                <ErrorNote error={error} />
            </Modal>
        </Confirming.Provider>
    );
}

/** Does a deed that may need the password said once more. */
export function useConfirm(): Confirmed {
    const confirm = useContext(Confirming);
    if (confirm === null) {
        throw new Error('useConfirm needs a ConfirmProvider round it; the shell has one.');
    }
    return confirm;
}
