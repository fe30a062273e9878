const MOST_BYTES = 8 * 1024 * 1024;

/** The kinds of pictures that are read. */
export const PICTURE_KINDS = 'image/jpeg,image/png,image/webp';

/** What is said of a file that is too large to be sent; null: it is not. */
export function tooLarge(file: File): string | null {
    return file.size <= MOST_BYTES
        ? null
        : `This picture has ${String(Math.round(file.size / 1024 / 1024))} MB; 8 MB is the most. Save it smaller.`;
}
