import type { Schemas } from '@api';
import { memo } from 'react';

/** A proof plate, drawn as the core made it. */
export const Plate = memo(function Plate({ plate, about }: { plate: Schemas['Plate']; about: string }) {
    return <Picture picture={plate.picture} about={`Proof plate: ${about}, value span ${String(Math.round(plate.span))}`} />;
});

/** A plate as it was when something was offered. */
export function OfferedPlate({ picture, about }: { picture: Schemas['PlatePicture']; about: string }) {
    return <Picture picture={picture} about={`Proof plate: ${about}`} />;
}

/** Asked for when it comes near what is in sight, as fine as the screen shows it: finer when the page is made larger. */
function Picture({ picture, about }: { picture: Schemas['PlatePicture']; about: string }) {
    return (
        <div className="plate" data-paint>
            <img src={picture.src} srcSet={picture.srcset} sizes="auto, 320px" loading="lazy" alt={about} />
        </div>
    );
}
