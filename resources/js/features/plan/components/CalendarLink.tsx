import { api, unwrap } from '@api';
import { useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { calendarOptions, planKeys } from '../queries';

/** A private link by which one's own calendar reads the plan. It is shown once. */
export function CalendarLink() {
    const { studio } = useSession();
    const client = useQueryClient();
    const link = useQuery(calendarOptions());
    const make = useMutation({
        mutationFn: () => unwrap(api.POST('/api/calendar-link')),
        onSuccess: () => void client.invalidateQueries({ queryKey: planKeys.calendar }),
    });
    const withdraw = useMutation({
        mutationFn: () => unwrap(api.DELETE('/api/calendar-link')),
        onSuccess: () => {
            make.reset();
            void client.invalidateQueries({ queryKey: planKeys.calendar });
        },
    });
    return (
        <Loaded query={link}>
            {({ since }) => (
                <div className="studio-line hours-calendar">
                    <p>
                        <b>Your plan in your calendar.</b>{' '}
                        {since === null
                            ? 'A private link lets a calendar read your sittings. Whoever has it can read them.'
                            : `A link is in use since ${instant(since, studio.time_zone)}; a new one ends it.`}
                    </p>
                    {make.data?.link != null && (
                        <label>
                            Copy it now; it is not shown again
                            <Input readOnly value={make.data.link} onFocus={(event) => event.target.select()} />
                        </label>
                    )}
                    <Button size="small" loading={make.isPending} onClick={() => make.mutate()}>
                        {since === null ? 'Make a link' : 'Make a new link'}
                    </Button>
                    {since !== null && (
                        <Button size="small" loading={withdraw.isPending} onClick={() => withdraw.mutate()}>
                            Withdraw it
                        </Button>
                    )}
                    <ErrorNote error={make.error ?? withdraw.error} />
                </div>
            )}
        </Loaded>
    );
}
