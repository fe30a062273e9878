import { Button } from 'antd';
import { useState } from 'react';
import type { AreaDraft } from '../draft';
import type { SideDraft } from './draftMaps';
import { MapCanvas } from './MapCanvas';
import { MapTools } from './MapTools';
import { PieceNames } from './PieceNames';
import { laidOut } from './raster';
import { useOutliner } from './useOutliner';
import { usePhoto } from './usePhoto';

interface Props {
    map: SideDraft;
    areas: readonly AreaDraft[];
    onChange: (map: SideDraft) => void;
}

/** Pixels that the picture is high at most, before it is made larger. */
const HIGH = 620;

const ZOOMS = [1, 1.5, 2, 3, 4];

/** One side of a figure: its picture, its areas to choose from, and what is done to it. */
export function SideEditor({ map, areas, onChange }: Props) {
    const shown = usePhoto(map.picture, map.width, map.height);
    const hand = useOutliner(map, shown?.photo ?? null, onChange);
    const [zoom, setZoom] = useState(0);
    const laid = laidOut(hand.raster);
    const scale = Math.min(HIGH / map.height, HIGH / map.width) * (ZOOMS[zoom] ?? 1);
    return (
        <div className="side-editor">
            <div className="map-frame">
                <MapCanvas map={map} areas={areas} image={shown?.image ?? null} hand={hand} scale={scale} />
            </div>
            <div className="map-beside">
                <p className="map-deeds">
                    <Button aria-label="Smaller" disabled={zoom === 0} onClick={() => setZoom(zoom - 1)}>
                        −
                    </Button>
                    <span>{`${String((ZOOMS[zoom] ?? 1) * 100)} %`}</span>
                    <Button aria-label="Larger" disabled={zoom === ZOOMS.length - 1} onClick={() => setZoom(zoom + 1)}>
                        +
                    </Button>
                </p>
                <div className="map-areas" role="group" aria-label="Which area">
                    {areas
                        .filter((area) => area.name !== '')
                        .map((area) => {
                            const is = laid.has(map.rows.indexOf(area.row) + 1);
                            return (
                                <button
                                    key={area.row}
                                    type="button"
                                    aria-pressed={area.row === hand.row}
                                    onClick={() => hand.choose(area.row)}
                                >
                                    {area.name}
                                    {is && <span aria-label=", laid out"> ✓</span>}
                                </button>
                            );
                        })}
                </div>
                <MapTools hand={hand} areas={areas} />
                <PieceNames map={map} areas={areas} onChange={hand.become} />
            </div>
        </div>
    );
}
