<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Transaction;
use App\Models\Scheme;
use App\Models\SchemeArea;
use Core\Scheme\AreaLadder;
use Core\Standard\Standard;
use Document\Json\BadDocument;

/** Takes a list of paints by use into a scheme, as ladders. */
final readonly class PasteRecipes
{
    public function __construct(
        private ReadRecipes $reading,
        private Following $following,
        private WriteLadder $write,
    ) {
    }

    /**
     * @return int how many areas were written
     *
     * @throws BadDocument if a line cannot be read: each of them is told, and nothing is written
     */
    public function handle(Scheme $scheme, Standard $standard, string $text): int
    {
        $read = $this->reading->handle($scheme, $standard, $text);

        return Transaction::run(fn (): int => $this->following->during($scheme->force_id, function () use ($scheme, $read): array {
            $written = array_map(fn (array $one): int => $this->write($scheme, $one['ladder'], $one['type']), $read->ladders);

            return [$written, count($written)];
        }));
    }

    /** @return int id of its row */
    private function write(Scheme $scheme, AreaLadder $ladder, string $type): int
    {
        $row = SchemeArea::query()->where(['scheme_id' => $scheme->id, 'area' => $ladder->area, 'figure_type' => $type])->lockForUpdate()->first();
        if ($row === null) {
            $row = SchemeArea::query()->create([
                'scheme_id' => $scheme->id, 'area' => $ladder->area, 'figure_type' => $type,
                'position' => SchemeArea::query()->where('scheme_id', $scheme->id)->count() + 1,
            ])->refresh();
        } else {
            $row->version++;
        }
        $this->write->handle($row, $ladder);

        return $row->id;
    }
}
