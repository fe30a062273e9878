<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\Figure;
use App\Models\SignOff;
use App\Models\User;

/**
 * A check done over the API, as the deputy does it.
 *
 * @phpstan-type Item array{item: string, area: string, text: string, answers: list<string>, criterion: string, alone: string|null, answer: string|null, stands: bool, sides: list<string>}
 * @phpstan-type CheckData array{id: int, version: int, round: int, state: string, verdict: string, open: int, complete: bool, may_sign: bool, sign_hint: string, sides: list<string>, passed: list<string>, items: list<Item>, faults: list<array{id: int, version: int, kind: string, text: string, severity: string, sentence: string, area: string, waived: mixed, mended: mixed}>, counts: array{critical: int, major: int, minor: int}, undo: string|null, undecided: list<string>, sent_back: array{by: string, reason: string}|null}
 */
abstract class CheckTestCase extends TestCase
{
    /** @return CheckData */
    protected function open(?Figure $figure = null, ?User $by = null): array
    {
        $figure ??= $this->figure('1st Lamplighters', 2);

        /** @var CheckData */
        return $this->answer($by ?? $this->deputy(), 'POST', "/figures/{$figure->id}/checks");
    }

    /**
     * @param  CheckData  $check
     * @param  array<string, mixed>  $body
     * @return CheckData
     */
    protected function act(array $check, string $deed, array $body = [], ?User $by = null): array
    {
        /** @var CheckData */
        return $this->answer($by ?? $this->deputy(), 'POST', "/checks/{$check['id']}/{$deed}", $body + ['version' => $check['version']]);
    }

    /**
     * Answers everything as holding and passes every side.
     *
     * @param  CheckData  $check
     * @return CheckData
     */
    protected function finish(array $check, ?User $by = null): array
    {
        foreach ($check['items'] as $item) {
            if ($item['alone'] !== null && $item['answer'] === null) {
                // What was handed over undone has answers of its own; the first agrees with the excuse.
                $check = $this->act($check, 'answers', ['item' => $item['item'], 'area' => $item['area'], 'criterion' => $item['criterion'], 'answer' => $item['answers'][0], 'side' => $item['sides'][0]], $by);
            }
        }
        foreach (array_diff($check['sides'], $check['passed']) as $side) {
            $check = $this->act($check, 'sides', ['side' => $side], $by);
        }
        self::assertTrue($check['complete'], $check['sign_hint']);

        return $check;
    }

    protected function signed(?Figure $figure = null): SignOff
    {
        $check = $this->finish($this->open($figure));
        $answer = $this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]);
        self::assertSame(201, $answer->getStatusCode(), (string) $answer->getContent());

        return SignOff::query()->where('check_id', $check['id'])->firstOrFail();
    }

    /**
     * @param  CheckData  $check
     * @return Item
     */
    protected function item(array $check, string $area, string $criterion): array
    {
        foreach ($check['items'] as $item) {
            if ($item['area'] === $area && $item['criterion'] === $criterion) {
                return $item;
            }
        }
        self::fail("{$criterion} is not asked of {$area} in check ".Check::query()->count().'.');
    }
}
