<?php

declare(strict_types=1);

namespace App\Export;

use DateTimeImmutable;
use DateTimeZone;

/** Events as a calendar reads them (RFC 5545): lines of at most 75 bytes, ended as the standard says, times in UTC. */
final readonly class ICalendar
{
    private const LINE = 75;

    /** @param  list<array{uid: string, from: DateTimeImmutable, until: DateTimeImmutable, summary: string, description: string}>  $events */
    public static function of(string $name, array $events, DateTimeImmutable $now): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Ordotype//Plan//EN', 'METHOD:PUBLISH', 'NAME:'.self::text($name), 'REFRESH-INTERVAL;VALUE=DURATION:PT1H'];
        foreach ($events as $event) {
            array_push($lines, 'BEGIN:VEVENT', "UID:{$event['uid']}", 'DTSTAMP:'.self::moment($now), 'DTSTART:'.self::moment($event['from']), 'DTEND:'.self::moment($event['until']),
                'SUMMARY:'.self::text($event['summary']), 'DESCRIPTION:'.self::text($event['description']), 'END:VEVENT');
        }

        return implode('', array_map(self::folded(...), [...$lines, 'END:VCALENDAR']));
    }

    private static function moment(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    /** Section 3.3.11. */
    private static function text(string $text): string
    {
        return str_replace(["\r\n", "\n", "\r"], '\n', addcslashes($text, '\\;,'));
    }

    /** Section 3.1: a letter is never cut in two. */
    private static function folded(string $line): string
    {
        $folded = '';
        $room = self::LINE;
        while (strlen($line) > $room) {
            $part = mb_strcut($line, 0, $room, 'UTF-8');
            $folded .= "{$part}\r\n ";
            $line = substr($line, strlen($part));
            // The space at the beginning counts.
            $room = self::LINE - 1;
        }

        return "{$folded}{$line}\r\n";
    }
}
