import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { date } from '@shared/format';
import { saveFile } from '@shared/saveFile';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { OfferContent } from './components/OfferContent';
import { agreeToOffer, type Offer, offerOptions, offerPaper } from './queries';

/** A quote as the client reads it, by its link alone. */
export function OfferPage() {
    const token = useParams()['token'] ?? '';
    const offer = useQuery(offerOptions(token));
    return (
        <main className="offer">
            <ErrorNote error={offer.error} />
            {offer.data !== undefined && <Offered token={token} offer={offer.data} />}
        </main>
    );
}

function Offered({ token, offer }: { token: string; offer: Offer }) {
    const { content } = offer;
    const saving = useMutation<null>({
        mutationFn: async () => {
            saveFile(await offerPaper(token), `quote-${String(content.number)}.pdf`);
            return null;
        },
    });
    return (
        <>
            <header className="offer-head">
                <p>
                    {content.studio} for {content.job.client}
                </p>
                <h1>
                    Quote {content.number}: {content.job.name}
                </h1>
                <p>
                    {date(content.made.on)}, by {content.made.by}. Standard {content.standard.name} {content.standard.version}.
                </p>
                {content.wishes.length > 0 && <p>As you wish: {content.wishes.join('; ')}.</p>}
                <Button loading={saving.isPending} onClick={() => saving.mutate()}>
                    As PDF
                </Button>
                <ErrorNote error={saving.error} />
            </header>
            <OfferContent offer={offer}>
                <Answer token={token} offer={offer} />
            </OfferContent>
        </>
    );
}

/** By name and date; from then on the quote stays as it is. */
function Answer({ token, offer }: { token: string; offer: Offer }) {
    const client = useQueryClient();
    const [name, setName] = useState('');
    const [missing, setMissing] = useState(false);
    const agreeing = useMutation({
        mutationFn: () => agreeToOffer(token, name),
        onSuccess: (next) => client.setQueryData(offerOptions(token).queryKey, next),
        onError: () => void client.invalidateQueries({ queryKey: offerOptions(token).queryKey }),
    });
    if (offer.agreed_by !== null) {
        return (
            <p className="offer-agreed" role="status">
                <b>Agreed</b> by {offer.agreed_by}
                {offer.agreed_on !== null && `, ${date(offer.agreed_on)}`}. This quote stays as it is; what changes later is a new
                one.
            </p>
        );
    }
    return (
        <form
            className="offer-answer"
            aria-label="Agree to this quote"
            onSubmit={(event) => {
                event.preventDefault();
                if (name.trim() === '') {
                    setMissing(true);
                } else {
                    agreeing.mutate();
                }
            }}
        >
            <Field
                label="Your name"
                error={missing && name.trim() === '' ? 'Write your name; it stands under the quote.' : undefined}
            >
                {(id) => <Input id={id} value={name} maxLength={190} onChange={(event) => setName(event.target.value)} />}
            </Field>
            <Button type="primary" htmlType="submit" loading={agreeing.isPending}>
                Agree to quote {offer.content.number}
            </Button>
            <ErrorNote error={agreeing.error} />
        </form>
    );
}
