import { useEffect, useState } from 'react';
import type { Photo } from './flood';

/** A picture of the studio once the browser has it. */
export function loaded(picture: string): Promise<HTMLImageElement> {
    return new Promise((resolve, reject) => {
        const image = new Image();
        image.onload = () => resolve(image);
        image.onerror = () => reject(new Error('The picture cannot be shown; it may have been taken away. Choose it again.'));
        image.src = `/api/figure-pictures/${picture}`;
    });
}

interface Shown {
    picture: string;
    image: HTMLImageElement;
    photo: Photo | null;
}

/** The picture that is outlined on, and its colours place by place of the map. */
export function usePhoto(picture: string | null, width: number, height: number): Shown | null {
    const [shown, setShown] = useState<Shown | null>(null);
    useEffect(() => {
        let isCurrent = true;
        if (picture !== null) {
            loaded(picture).then(
                (image) => isCurrent && setShown({ picture, image, photo: placesOf(image, width, height) }),
                () => undefined,
            );
        }
        return () => {
            isCurrent = false;
        };
    }, [picture, width, height]);
    return shown?.picture === picture ? shown : null;
}

function placesOf(image: HTMLImageElement, width: number, height: number): Photo | null {
    const canvas = document.createElement('canvas');
    canvas.width = width;
    canvas.height = height;
    const context = canvas.getContext('2d', { willReadFrequently: true });
    context?.drawImage(image, 0, 0, width, height);
    return context?.getImageData(0, 0, width, height) ?? null;
}
