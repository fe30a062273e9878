import type { Schemas } from '@api';
import { memo, useMemo } from 'react';
import { plateSvg } from './plateSvg';

/** A proof plate, drawn as the core made it. */
export const Plate = memo(function Plate({ plate, about }: { plate: Schemas['Plate']; about: string }) {
    return <Drawn drawing={plate} about={`Proof plate: ${about}, value span ${String(Math.round(plate.span))}`} />;
});

/** A plate as it was when something was offered. */
export function OfferedPlate({ drawing, about }: { drawing: Schemas['OfferedDrawing']; about: string }) {
    return <Drawn drawing={drawing} about={`Proof plate: ${about}`} />;
}

function Drawn({ drawing, about }: { drawing: Schemas['OfferedDrawing']; about: string }) {
    const picture = useMemo(() => plateSvg(drawing), [drawing]);
    return (
        <div className="plate" data-paint>
            <img src={picture} alt={about} />
        </div>
    );
}
