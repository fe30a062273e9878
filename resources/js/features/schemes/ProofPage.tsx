import type { Schemas } from '@api';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { PaperButton } from '@shared/PaperButton';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { Link, useParams, useSearchParams } from 'react-router';
import { ProofFigure } from './components/ProofFigure';
import { PlateRow } from './components/SchemeSide';
import { askForProof, platesOptions, schemeOptions } from './queries';

type Plate = Schemas['SchemePlate'];

/** Every surface of a figure in the scheme's colours, tier beside tier: one page to show a client. */
export function ProofPage() {
    const { scheme: id } = useParams();
    const [search, setSearch] = useSearchParams();
    const type = search.get('type');
    const scheme = useQuery(schemeOptions(Number(id), { type, tier: null }));
    const plates = useQuery(platesOptions(Number(id), type, null));
    return (
        <Loaded query={scheme}>
            {(data) => (
                <>
                    <PageHead title={`Proof of ${data.name}`} sub={data.types.find((one) => one.key === data.type)?.name}>
                        <Select
                            aria-label="Figure type"
                            className="tool-select"
                            value={data.type}
                            options={data.types.map((one) => ({ value: one.key, label: one.name }))}
                            onChange={(next) => setSearch({ type: next }, { replace: true })}
                        />
                        <PaperButton
                            label="PDF for a client"
                            name={`${data.name}.pdf`}
                            ask={(signal) => askForProof(data.id, data.type, signal)}
                        />
                        <Link to={`/schemes/${data.id}?type=${encodeURIComponent(data.type)}`}>Ladders</Link>
                    </PageHead>
                    <Loaded query={plates}>{(list) => <Proof type={data.type} plates={list} />}</Loaded>
                </>
            )}
        </Loaded>
    );
}

function Proof({ type, plates }: { type: string; plates: readonly Plate[] }) {
    const areas = [...new Set(plates.map((plate) => plate.area))];
    return (
        <div className="proof">
            <ProofFigure type={type} plates={plates} />
            {areas.map((area) => {
                const row = plates.filter((plate) => plate.area === area);
                return (
                    <section key={area}>
                        <h2>
                            {area} <small>{row[0]?.surface_name.toLowerCase()}</small>
                        </h2>
                        <PlateRow plates={row} />
                    </section>
                );
            })}
            <p>
                <small>
                    Colours under D65 daylight. Mixes are forecasts; plates show how a surface comes out, not the figure itself.
                </small>
            </p>
        </div>
    );
}
