<?php

declare(strict_types=1);

namespace App\Import;

use App\Refusals\UnreadableFile;

/** How the letters of a text file are written. What can be told from its bytes is; the western one of old spreadsheets is taken for the rest, and said. */
enum TextEncoding: string
{
    case Utf8 = 'UTF-8';
    case Utf16Little = 'UTF-16LE';
    case Utf16Big = 'UTF-16BE';
    case Western = 'Windows-1252';
    case Central = 'Windows-1250';
    case Cyrillic = 'Windows-1251';
    case Greek = 'Windows-1253';
    case Turkish = 'Windows-1254';
    case OldWestern = 'CP850';
    case OldMac = 'MACINTOSH';

    private const MARKS = ["\xEF\xBB\xBF" => self::Utf8, "\xFF\xFE" => self::Utf16Little, "\xFE\xFF" => self::Utf16Big];

    /** Bytes of a long text that are looked at. */
    private const LOOKED_AT = 4096;

    public static function of(string $bytes): self
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return $encoding;
            }
        }
        // Letters of the west have a zero byte each in two bytes.
        $sample = substr($bytes, 0, self::LOOKED_AT);
        $zeros = [0, 0];
        for ($i = 0; $i < strlen($sample); $i++) {
            $zeros[$i % 2] += $sample[$i] === "\0" ? 1 : 0;
        }

        return match (true) {
            $zeros[1] > strlen($sample) / 4 && $zeros[0] === 0 => self::Utf16Little,
            $zeros[0] > strlen($sample) / 4 && $zeros[1] === 0 => self::Utf16Big,
            mb_check_encoding($bytes, 'UTF-8') => self::Utf8,
            default => self::Western,
        };
    }

    /** @throws UnreadableFile if it holds no text, or none that is written so */
    public function decode(string $bytes): string
    {
        foreach (self::MARKS as $mark => $encoding) {
            if ($encoding === $this && str_starts_with($bytes, $mark)) {
                $bytes = substr($bytes, strlen($mark));
            }
        }
        // Each of the two libraries knows what the other does not; what the first finds no letter in, it shows as such.
        $text = in_array($this, [self::Utf8, self::Utf16Little, self::Utf16Big, self::Western], true) ? mb_convert_encoding($bytes, 'UTF-8', $this->value) : @iconv($this->value, 'UTF-8', $bytes);
        if ($text === false) {
            throw UnreadableFile::notWrittenSo($this->inWords());
        }
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', $text) === 1) {
            throw UnreadableFile::notText();
        }

        return str_replace(["\r\n", "\r"], "\n", $text);
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Utf8 => 'UTF-8',
            self::Utf16Little, self::Utf16Big => 'UTF-16',
            self::Western => 'western, Windows-1252',
            self::Central => 'central European, Windows-1250',
            self::Cyrillic => 'Cyrillic, Windows-1251',
            self::Greek => 'Greek, Windows-1253',
            self::Turkish => 'Turkish, Windows-1254',
            self::OldWestern => 'western, DOS 850',
            self::OldMac => 'western, old Macintosh',
        };
    }
}
