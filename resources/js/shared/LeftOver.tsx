import { resend } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useEffect, useState } from 'react';
import { keptUntilSent } from './keptUntilSent';
import { type Outgoing, outboxOf, untilAnswered } from './outbox';

/** Sends what the page had not sent when it was left or loaded anew, in order, before anything else. */
export function LeftOver({ person }: { person: number }) {
    const [left] = useState(() => outboxOf(person));
    const client = useQueryClient();
    const { notification } = App.useApp();
    const { mutate } = useMutation({
        ...keptUntilSent,
        mutationFn: (request: Outgoing) => untilAnswered(request, () => resend(request.path, request.body)),
        onSuccess: () => client.invalidateQueries(),
        onError: (error) => {
            notification.error({
                title: 'Not stored',
                description: `What was typed here before the page was loaded anew was refused: ${error.message}`,
                duration: 0,
            });
        },
    });
    useEffect(() => {
        left.forEach((request) => mutate(request));
    }, [left, mutate]);
    return null;
}
