// Events by ical.js: a calendar in, its events out.
import ICAL from 'ical.js';

let text = '';
for await (const chunk of process.stdin) {
    text += chunk;
}
const calendar = new ICAL.Component(ICAL.parse(text));
const events = calendar.getAllSubcomponents('vevent').map((component) => {
    const event = new ICAL.Event(component);
    return {
        uid: event.uid,
        from: event.startDate.toString(),
        until: event.endDate.toString(),
        summary: event.summary,
        description: event.description,
    };
});
process.stdout.write(JSON.stringify(events));
