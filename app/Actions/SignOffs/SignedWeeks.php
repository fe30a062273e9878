<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\CurrentStudio;
use App\Models\Studio;
use Carbon\CarbonImmutable;
use Core\Check\Verdict;
use Illuminate\Support\Facades\DB;

/** What was signed off week by week, as long as a season lasts. */
final readonly class SignedWeeks
{
    private const WEEKS = 12;

    public function __construct(private CurrentStudio $studio)
    {
    }

    /** @return list<SignedWeek> the last is the one that runs */
    public function until(CarbonImmutable $now): array
    {
        $here = $now->setTimezone(Studio::query()->findOrFail($this->studio->id())->time_zone)->startOfWeek(CarbonImmutable::MONDAY);
        $mondays = array_map(static fn (int $back): CarbonImmutable => $here->subWeeks($back), range(self::WEEKS - 1, 0));
        $first = $mended = $conceded = array_fill(0, self::WEEKS, 0);
        $rows = DB::table('sign_offs')->join('checks', 'checks.id', '=', 'sign_offs.check_id')->where('sign_offs.studio_id', $this->studio->id())
            ->where('sign_offs.signed_at', '>=', $mondays[0]->utc())->get(['sign_offs.signed_at', 'sign_offs.verdict', 'checks.round']);
        foreach ($rows as $row) {
            $signed = CarbonImmutable::parse(is_string($row->signed_at) ? $row->signed_at : '', 'UTC');
            $week = count(array_filter($mondays, static fn (CarbonImmutable $monday): bool => $signed->greaterThanOrEqualTo($monday))) - 1;
            if ($row->verdict === Verdict::Concession->value) {
                $conceded[$week]++;
            } elseif ($row->round === 1) {
                $first[$week]++;
            } else {
                $mended[$week]++;
            }
        }

        return array_map(static fn (CarbonImmutable $monday, int $first, int $mended, int $conceded): SignedWeek => new SignedWeek($monday, $first, $mended, $conceded), $mondays, $first, $mended, $conceded);
    }
}
