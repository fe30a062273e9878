import bench from '../../../../docs/screenshots/bench.png';
import check from '../../../../docs/screenshots/check.png';
import job from '../../../../docs/screenshots/job.png';
import ladders from '../../../../docs/screenshots/ladders.png';
import records from '../../../../docs/screenshots/records.png';
import standard from '../../../../docs/screenshots/standard.png';
import studio from '../../../../docs/screenshots/studio.png';
import today from '../../../../docs/screenshots/today.png';

export interface HelpPage {
    /** The place it is about, as its address begins. */
    place: string;
    name: string;
    picture: string;
    /** What the picture shows, for who does not see it. */
    shows: string;
    /** What the place is for. */
    is: string;
    /** What one does there, in the order in which one does it. */
    deeds: readonly (readonly [what: string, how: string])[];
    /** What is good to know. */
    know: readonly string[];
}

export const PAGES: readonly HelpPage[] = [
    {
        place: 'today',
        name: 'Today',
        picture: today,
        shows: 'Today: checks that wait, dates that do not hold, and the jobs that run, each as a bar of its figures.',
        is: 'What waits for you, and nothing else. Begin here in the morning, and come back when something is done.',
        deeds: [
            ['Take what waits', 'Checks to make, figures that came back, work that is given to you. Press a line to go there.'],
            ['See what is late', 'A date that the plan does not hold is told before it is past, with the ways out a press away.'],
            ['Read what was proposed', 'A painter who would write the standard otherwise says so at the bench; it waits here.'],
        ],
        know: ['A new studio is led through its first hour here: a ladder, paints, a scheme, a roster, a figure, a check.'],
    },
    {
        place: 'standard',
        name: 'Standard',
        picture: standard,
        shows: 'The standard: surfaces down, tiers across, each cell a stack of layers with a small drawn plate over it.',
        is: 'What each tier includes, surface by surface, and how it will be judged. Everything else follows from it.',
        deeds: [
            [
                'Read it',
                'The lowest layer of a stack lies at the bottom, as on the figure. Press a cell to see it layer by layer.',
            ],
            ['Compare', 'What each tier adds, or two tiers side by side with their plates: what a client gets for the next one.'],
            [
                'Draft a change',
                'What is in force stays. A draft is yours to write; put it in force with a reason when it is right.',
            ],
            [
                'Settle what is found',
                'A finding says what contradicts what, why, and what would settle it. Or say that it is meant so.',
            ],
        ],
        know: [
            'Not asked for and undecided are two things. A question mark is a question, never a no.',
            'A job keeps the version that it was booked under. It moves to another when you say so.',
        ],
    },
    {
        place: 'schemes',
        name: 'Schemes',
        picture: ladders,
        shows: 'A scheme: the ladders of its areas as stepped bars on a scale of lightness, with the mixes beside them.',
        is: 'The colours of a force, area by area, as ladders of values with their mixes.',
        deeds: [
            ['Name the middle colour', 'Shade and lights are proposed from your paints, with how far the step goes.'],
            [
                'Look at the plates',
                'How each surface comes out at each tier, drawn from the same layers that the bench will lay.',
            ],
            [
                'Hold it together',
                'Areas that touch and look alike, metals that do not agree, a light that is nobody else’s are told.',
            ],
        ],
        know: ['Colours on the screen are a forecast from your swatches. The pot on the table has the last word.'],
    },
    {
        place: 'jobs',
        name: 'Jobs',
        picture: job,
        shows: 'A job: units and figures down, surfaces across; each cell says what will be laid there.',
        is: 'From a client’s wish to an agreed assignment that pays.',
        deeds: [
            ['Take the roster', 'Paste it, or take the file as it came. What cannot be read is asked at its line.'],
            [
                'Settle the questions',
                'What the client does with them, where they have a say, what nobody is sure of: each with its answers, over the grid.',
            ],
            ['Give tiers', 'By unit, by figure, by area: choose rows, then + and −. What differs from its unit stands out.'],
            ['Ask what a budget buys', 'Budget finds the tiers that show most for it. Settle by hand what you know better.'],
            ['Agree on more or less', 'A layer added or left out has a reason, who agreed, and a price. It goes onto the quote.'],
            ['Give painters, plan, promise', 'Who is cleared, whose week is full, and which day can be promised.'],
            ['Make the quote', 'A link for the client, and a PDF. What was agreed to stays as it was.'],
        ],
        know: [
            'A unit may have figures of several types. What is said of an area of the unit holds for all that have one of that name.',
            'What was changed last stands over the grid and is taken back in one press.',
        ],
    },
    {
        place: 'bench',
        name: 'Bench',
        picture: bench,
        shows: 'A bench sheet: the step in hand large, with its mix, what it is judged by, and why it stands here.',
        is: 'What to paint next, with what, and when it is dry. Made for a tablet beside the lamp.',
        deeds: [
            ['Open your sheet', 'One for each unit that is given to you. Figures that differ in a few steps share it.'],
            ['Do the step', 'Where, with what, how thin, how much on the brush. Done marks all figures, a number marks one.'],
            [
                'Say what is otherwise',
                'Not done needs a reason, which the checker sees. A mishap says at once what is laid again.',
            ],
            ['Hand over', 'When nothing is left on a figure it goes to be checked, by somebody else.'],
        ],
        know: [
            'Without a connection marks wait in the window and are sent when it is back.',
            'Where you are not cleared for a step, say who looks on; it goes into the record.',
            'Cautions name what the safety data sheet of a product has in full. It goes before anything that is said here.',
        ],
    },
    {
        place: 'check',
        name: 'Check',
        picture: check,
        shows: 'A check: the sides that count, the figure in its colours, what is asked at this side, and the running verdict.',
        is: 'The figure in your hand, turned side by side, and looked at for what is wrong.',
        deeds: [
            ['Turn it', 'Each side that counts is passed once. A good side is one press.'],
            ['Answer what matters', 'Critical sentences, focal areas and what failed before are asked one by one.'],
            [
                'Place a flaw',
                'Point at the figure, say how large it is. Whether it counts follows from the distance of the tier.',
            ],
            ['Send back or sign', 'The verdict is reckoned; only the lead overrules it, with a reason that stays.'],
        ],
        know: ['Nobody checks what they painted. A sealed record is never changed: not by the lead, nor by us.'],
    },
    {
        place: 'records',
        name: 'Records',
        picture: records,
        shows: 'Records: what was signed, by whom, and whether the chain of records holds.',
        is: 'What was signed: by which standard a figure was judged, what was done, by whom, and what was agreed.',
        deeds: [
            ['Find a certificate', 'By figure, job or number. It says what was painted, left out and added, with who agreed.'],
            [
                'Raise a figure',
                'One that comes back is raised: only what its new tier adds is painted, and a second record names the first.',
            ],
            [
                'Verify',
                'Every record carries the seal of the one before it. One that was changed breaks the chain, and is named.',
            ],
        ],
        know: [
            'Keep the heads that are written beside the database somewhere else, too: your administrator knows where they are.',
        ],
    },
    {
        place: 'studio',
        name: 'Studio',
        picture: studio,
        shows: 'Studio: people, figure types, paints, hours at the bench, and settings.',
        is: 'What a studio has and how it works: people, figure types, paints, rules.',
        deeds: [
            ['Invite people', 'A link that is used once. Clearances say what somebody may do alone, up to which tier.'],
            [
                'Take figures down',
                'An area a line, or on a picture of a side: fill, outline, set the pieces. Not sure what it is: a question mark.',
            ],
            ['Keep your paints', 'By swatch, by hex or from a file: what they cover, how they dry, what is left.'],
        ],
        know: [
            'What everybody has to paint stands beside their name, in weeks of their own hours.',
            'A job keeps its copy of a figure type; what the studio’s is otherwise by now is told, and taken where you say so.',
        ],
    },
];

/** The page of a place, by the first part of its address; the page of today where there is none. */
export function pageOf(place: string | undefined): HelpPage {
    const found = PAGES.find((page) => page.place === place) ?? PAGES[0];
    if (found === undefined) {
        throw new Error('There is no help at all.');
    }
    return found;
}
