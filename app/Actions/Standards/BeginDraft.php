<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use App\Refusals\NotRight;
use Document\Standard\StandardFile;
use Document\Standard\StandardReader;

/**
 * Begins a draft: a copy of a version to change, or a starting ladder for a studio that has none.
 *
 * @phpstan-import-type StandardDocument from StandardReader as Document
 */
final readonly class BeginDraft
{
    public function __construct(
        private StoreStandard $store,
        private StandardLibrary $library,
    ) {
    }

    /** @param  string|null  $label null: the next after that of the version */
    public function from(StandardVersion $version, ?string $label): StandardVersion
    {
        $document = $this->library->document($version);
        $document['version'] = $label ?? self::free($version, self::next($document['version']));

        return $this->store->handle($document, $version);
    }

    /** @param  string  $ladder id of a starting ladder, see {@see StartingLadders} */
    public function fromLadder(string $ladder, ?string $label): StandardVersion
    {
        $text = StartingLadders::text($ladder) ?? throw NotRight::at('/ladder', 'unknown-ladder', 'There is no such starting ladder; there are: '.implode(', ', StartingLadders::ids()).'.');
        $document = StandardFile::read($text);
        $document['version'] = $label ?? $document['version'];

        return $this->store->handle($document);
    }

    private static function free(StandardVersion $version, string $label): string
    {
        while (StandardVersion::query()->where('standard_id', $version->standard_id)->where('label', $label)->exists()) {
            $label = self::next($label);
        }

        return $label;
    }

    /** The label with its last number one higher; with a number where it has none. */
    public static function next(string $label): string
    {
        return preg_match('/^(.*?)(\d+)(\D*)$/u', $label, $parts) === 1
            ? $parts[1].((int) $parts[2] + 1).$parts[3]
            : "{$label} 2";
    }
}
