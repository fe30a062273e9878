import type { Schemas } from '@api';
import { draftOf, EMPTY, figureTypeOptions, mapsOptions, type TypeDraft, TypeForm } from '@features/figureTypes';
import { useSession } from '@features/session';
import { sheetOptions, standardsOptions } from '@features/standards';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';

/** A figure type: new, new and like another, or one to be changed. */
export function FigureTypePage() {
    const id = useParams()['type'] ?? 'new';
    const like = useSearchParams()[0].get('like');
    if (id !== 'new') {
        return <Stored key={id} id={Number(id)} />;
    }
    return like === null ? <InHand key="new" stored={null} start={EMPTY} /> : <Like key={`like ${like}`} id={Number(like)} />;
}

function Stored({ id }: { id: number }) {
    const type = useQuery(figureTypeOptions(id));
    const maps = useQuery(mapsOptions(id));
    return (
        <Loaded query={type}>
            {(stored) => (
                <Loaded query={maps}>
                    {(sides) => <InHand key={stored.version} stored={stored} start={draftOf(stored, sides)} />}
                </Loaded>
            )}
        </Loaded>
    );
}

function Like({ id }: { id: number }) {
    const type = useQuery(figureTypeOptions(id));
    const maps = useQuery(mapsOptions(id));
    return (
        <Loaded query={type}>
            {(other) => (
                <Loaded query={maps}>{(sides) => <InHand stored={null} start={{ ...draftOf(other, sides), name: '' }} />}</Loaded>
            )}
        </Loaded>
    );
}

/** What an area can be made of is what the standard in force names; before there is one, its newest draft. */
function InHand({ stored, start }: { stored: Schemas['FigureTypeDraft'] | null; start: TypeDraft }) {
    const standards = useQuery(standardsOptions());
    const { user } = useSession();
    return (
        <div className="figure-type">
            <PageHead
                title={stored?.name ?? 'A new figure type'}
                sub={stored?.retired === true ? 'retired: new rosters do not find it' : 'its areas, and how they lie'}
            >
                <Link to="/studio">Back to the studio</Link>
            </PageHead>
            <Loaded query={standards}>
                {(rows) => {
                    const version = rows.find((row) => row.state === 'in-force') ?? rows[0];
                    return version === undefined ? (
                        <p className="figure-type-say">
                            An area is made of something that the standard names: <Link to="/standard">begin a standard</Link>{' '}
                            first.
                        </p>
                    ) : (
                        <Surfaces version={version.id} stored={stored} start={start} mayChange={user.role === 'lead'} />
                    );
                }}
            </Loaded>
        </div>
    );
}

interface Props {
    version: number;
    stored: Schemas['FigureTypeDraft'] | null;
    start: TypeDraft;
    mayChange: boolean;
}

function Surfaces({ version, stored, start, mayChange }: Props) {
    const sheet = useQuery(sheetOptions(version));
    const navigate = useNavigate();
    return (
        <Loaded query={sheet}>
            {({ surfaces }) => (
                <TypeForm
                    stored={stored}
                    start={start}
                    surfaces={surfaces}
                    mayChange={mayChange}
                    onStored={(id) => void navigate(`/studio/figure-types/${String(id)}`)}
                />
            )}
        </Loaded>
    );
}
