import { forgetAll } from '@shared/kept';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { signOut } from './queries';

export function SignOutButton() {
    const client = useQueryClient();
    const navigate = useNavigate();
    const leaving = useMutation({
        mutationFn: signOut,
        onSettled: async () => {
            await navigate('/sign-in', { replace: true });
            client.clear();
            forgetAll();
        },
    });
    return (
        <button type="button" className="link-button" onClick={() => leaving.mutate()}>
            Sign out
        </button>
    );
}
