<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Import\CsvText;
use App\Import\GivenRoster;
use App\Import\RosterColumns;
use App\Import\TextEncoding;
use Illuminate\Validation\Rule;

/** A roster, pasted or as a file, with what was said of its columns and words. */
final class RosterRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'text' => ['nullable', 'string', 'required_without:file'],
            'file' => ['nullable', 'file', 'max:2048'],
            'encoding' => ['nullable', 'string', Rule::enum(TextEncoding::class)],
            'columns' => ['array', 'max:60'],
            'columns.*.heading' => ['required', 'string', 'max:190'],
            // Null leaves it out.
            'columns.*.as' => ['nullable', 'string', Rule::in(array_keys(RosterColumns::NAMES))],
            'words' => ['array', 'max:500'],
            'words.*.kind' => ['required', 'string', Rule::in(['tier', 'figure_type'])],
            'words.*.word' => ['required', 'string', 'max:190'],
            'words.*.key' => ['required', 'string', 'max:190'],
        ];
    }

    /** The bytes of the file, else what was pasted. */
    public function roster(): GivenRoster
    {
        /** @var list<array{heading: string, as?: string|null}> $columns */
        $columns = array_values((array) $this->input('columns', []));
        /** @var list<array{kind: 'tier'|'figure_type', word: string, key: string}> $words */
        $words = array_values((array) $this->input('words', []));
        $meant = [];
        foreach ($words as $one) {
            $meant[GivenRoster::word($one['kind'], $one['word'])] = $one['key'];
        }
        $said = [];
        foreach ($columns as $one) {
            $said[CsvText::plain($one['heading'])] = $one['as'] ?? RosterColumns::LEFT_OUT;
        }

        return new GivenRoster($this->uploaded('file') ?? $this->string('text')->toString(), TextEncoding::tryFrom($this->string('encoding')->toString()), $said, $meant);
    }
}
