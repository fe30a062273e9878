import type { Schemas } from '@api';

interface Props {
    label: string;
    figures: readonly Schemas['GridFigure'][];
    /** Ids of those that are meant. */
    chosen: readonly number[];
    onChoose: (chosen: number[]) => void;
}

/** Figures by number, to choose some of. */
export function FigureChips({ label, figures, chosen, onChoose }: Props) {
    const isChosen = (figure: Schemas['GridFigure']) => chosen.includes(figure.id);
    return (
        <div className="change-figures" role="group" aria-label={label}>
            {figures.map((figure) => (
                <button
                    key={figure.id}
                    type="button"
                    aria-pressed={isChosen(figure)}
                    aria-label={`Figure ${String(figure.number)}`}
                    onClick={() => onChoose(isChosen(figure) ? chosen.filter((id) => id !== figure.id) : [...chosen, figure.id])}
                >
                    {figure.number}
                </button>
            ))}
        </div>
    );
}
