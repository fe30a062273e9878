import type { Schemas } from '@api';
import { memo, useMemo } from 'react';
import { plateSvg } from '../plateSvg';

/** A proof plate, drawn as the core made it. */
export const Plate = memo(function Plate({ plate, about }: { plate: Schemas['Plate']; about: string }) {
    const picture = useMemo(() => plateSvg(plate), [plate]);
    return (
        <div className="plate" data-paint>
            <img src={picture} alt={`Proof plate: ${about}, value span ${Math.round(plate.span)}`} />
        </div>
    );
});
