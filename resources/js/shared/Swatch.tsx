/** A paint, on the mid grey that colour is judged against. Its name always stands beside it. */
export function Swatch({ hex, large = false }: { hex: string; large?: boolean }) {
    return (
        <span className={large ? 'swatch swatch-large' : 'swatch'} data-paint="" aria-hidden="true">
            <span style={{ background: hex }} />
        </span>
    );
}
