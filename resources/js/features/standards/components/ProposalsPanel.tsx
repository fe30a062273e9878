import { api, type Schemas, unwrap } from '@api';
import { proposalKeys, proposalsOptions } from '@features/proposals';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { SidePanel } from '@shared/SidePanel';
import { useKept } from '@shared/kept';

interface Props {
    isLead: boolean;
    /** Opens the place that a proposal speaks of; null: there is no draft to take it into. */
    onOpen: ((tier: string, surface: string) => void) | null;
    onClose: () => void;
}

/** What people at the bench and in checks would have otherwise. */
export function ProposalsPanel({ isLead, onOpen, onClose }: Props) {
    const proposals = useQuery(proposalsOptions());
    return (
        <SidePanel title="Changes proposed" onClose={onClose}>
            {proposals.data?.length === 0 && (
                <p>Nobody has proposed a change. Bench sheets and checks have a button for it at each step.</p>
            )}
            <ul className="proposals">
                {(proposals.data ?? []).map((proposal) => (
                    <li key={proposal.id}>
                        <Proposal proposal={proposal} isLead={isLead} onOpen={onOpen} />
                    </li>
                ))}
            </ul>
        </SidePanel>
    );
}

function Proposal({ proposal, isLead, onOpen }: { proposal: Schemas['Proposal']; isLead: boolean; onOpen: Props['onOpen'] }) {
    const [answer, setAnswer] = useKept(`answer ${proposal.id}`);
    const client = useQueryClient();
    const reply = useMutation({
        mutationFn: (state: 'taken' | 'declined') =>
            unwrap(
                api.POST('/api/proposals/{proposal}/answer', {
                    params: { path: { proposal: proposal.id } },
                    body: { version: proposal.version, state, answer },
                }),
            ),
        onSuccess: () => setAnswer(''),
        onSettled: () => client.invalidateQueries({ queryKey: proposalKeys.all }),
    });
    return (
        <>
            <p>
                <b>
                    {proposal.tier}, {proposal.surface}
                    {proposal.use === null ? '' : `, ${proposal.use}`}
                </b>{' '}
                <small>
                    {proposal.by}
                    {proposal.job === null ? '' : `, ${proposal.job}`}
                </small>
            </p>
            <p>{proposal.text}</p>
            {proposal.state !== 'open' ? (
                <p>
                    <small>
                        {proposal.state} by {proposal.answered_by}
                        {proposal.answer === '' ? '' : `: ${proposal.answer}`}
                    </small>
                </p>
            ) : (
                isLead && (
                    <div className="proposal-deeds">
                        <Input
                            aria-label={`Answer to ${proposal.by}`}
                            placeholder="A word to who proposed it"
                            value={answer}
                            onChange={(event) => setAnswer(event.target.value)}
                        />
                        {onOpen !== null && (
                            <Button
                                onClick={() => {
                                    reply.mutate('taken');
                                    onOpen(proposal.tier, proposal.surface);
                                }}
                            >
                                Take it into the draft
                            </Button>
                        )}
                        <Button onClick={() => reply.mutate('declined')}>Decline</Button>
                        {onOpen === null && <small>Draft a change first, to take it.</small>}
                        <ErrorNote error={reply.error} />
                    </div>
                )
            )}
        </>
    );
}
