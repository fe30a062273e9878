import { ApiError } from '@api';
import { App } from 'antd';

/** Says that a change was not stored: why, or that somebody else was first and what is shown now. */
export function useRefused() {
    const { notification } = App.useApp();
    return (error: Error, whenStale: string) => {
        const stale = error instanceof ApiError && error.status === 409;
        notification.error({
            title: stale ? 'Changed by somebody else' : 'Not changed',
            description: stale ? whenStale : error.message,
            duration: 0,
        });
    };
}
