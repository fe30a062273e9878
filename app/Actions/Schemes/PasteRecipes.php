<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Actions\Transaction;
use App\Import\PaintsByUse;
use App\Import\RosterProblem;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Refusals\NotRight;
use Core\Composition\FigureType;
use Core\Scheme\AreaLadder;
use Core\Scheme\LadderFromUses;
use Core\Scheme\UseRecipe;
use Core\Standard\Standard;
use Document\Json\BadDocument;
use Document\Json\ShapeFault;

/**
 * Takes a list of paints by use into a scheme, as ladders. Figure types that have an area alike share it; one
 * that differs is written as a difference.
 *
 * @phpstan-import-type PaintLine from PaintsByUse
 */
final readonly class PasteRecipes
{
    public function __construct(
        private PaintBook $paints,
        private ForceTypes $types,
        private StoreArea $store,
    ) {
    }

    /**
     * @return int how many areas were written
     *
     * @throws BadDocument if a line cannot be read: each of them is told, and nothing is written
     */
    public function handle(Scheme $scheme, Standard $standard, string $text): int
    {
        $types = $this->types->of($scheme->force_id);
        $read = PaintsByUse::read($text);
        $faults = array_map(static fn (RosterProblem $problem): ShapeFault => $problem->fault(), $read['problems']);
        $lists = [];
        foreach ($read['lines'] as $line) {
            try {
                $lists[$line['area']][$this->type($line, $types)][] = new UseRecipe($line['use'], $line['step'], $this->paints->recipe($line['mix'], RosterProblem::pointer($line['line'], 'mix')));
            } catch (NotRight $refusal) {
                $faults[] = new ShapeFault($refusal->errorCode(), $refusal->path(), "Line {$line['line']}: ".$refusal->getMessage());
            }
        }
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }

        return Transaction::run(function () use ($scheme, $standard, $types, $lists): int {
            $written = 0;
            foreach ($lists as $area => $byType) {
                foreach (self::shared($this->ladders($standard, $types, (string) $area, $byType)) as $type => $ladder) {
                    $this->write($scheme, $ladder, (string) $type);
                    $written++;
                }
            }

            return $written;
        });
    }

    /**
     * @param  array<string, FigureType>  $types
     * @param  array<array-key, list<UseRecipe>>  $byType
     * @return array<string, AreaLadder> by type; empty for any
     */
    private function ladders(Standard $standard, array $types, string $area, array $byType): array
    {
        $make = new LadderFromUses($standard);
        $ladders = [];
        foreach ($byType as $type => $list) {
            $ladders[(string) $type] = $make->of($area, self::surface($types, (string) $type, $area), $list);
        }

        return $ladders;
    }

    /**
     * What most types have is written for any; the others differ.
     *
     * @param  array<string, AreaLadder>  $ladders
     * @return array<string, AreaLadder>
     */
    private static function shared(array $ladders): array
    {
        if (isset($ladders[''])) {
            return $ladders;
        }
        /** @var list<array{ladder: AreaLadder, types: list<string>}> $groups */
        $groups = [];
        foreach ($ladders as $type => $ladder) {
            foreach ($groups as $at => $group) {
                $joined = $group['ladder']->joined($ladder);
                if ($joined !== null) {
                    $groups[$at] = ['ladder' => $joined, 'types' => [...$group['types'], (string) $type]];

                    continue 2;
                }
            }
            $groups[] = ['ladder' => $ladder, 'types' => [(string) $type]];
        }
        usort($groups, static fn (array $a, array $b): int => count($b['types']) <=> count($a['types']));
        $shared = array_shift($groups);
        $written = $shared === null ? [] : ['' => $shared['ladder']];
        foreach ($groups as $group) {
            foreach ($group['types'] as $type) {
                $written[$type] = $group['ladder'];
            }
        }

        return $written;
    }

    private function write(Scheme $scheme, AreaLadder $ladder, string $type): void
    {
        $row = SchemeArea::query()->where(['scheme_id' => $scheme->id, 'area' => $ladder->area, 'figure_type' => $type])->lockForUpdate()->first();
        if ($row === null) {
            $row = SchemeArea::query()->create([
                'scheme_id' => $scheme->id, 'area' => $ladder->area, 'figure_type' => $type,
                'position' => SchemeArea::query()->where('scheme_id', $scheme->id)->count() + 1,
            ])->refresh();
        } else {
            $row->increment('version');
        }
        $this->store->rewrite($row, $ladder);
    }

    /**
     * @param  PaintLine  $line
     * @param  array<string, FigureType>  $types
     */
    private function type(array $line, array $types): string
    {
        if ($line['figure_type'] === '') {
            return '';
        }
        foreach ($types as $key => $type) {
            if (in_array(mb_strtolower($line['figure_type']), [mb_strtolower($key), mb_strtolower($type->name)], true)) {
                return $key;
            }
        }

        throw NotRight::at(RosterProblem::pointer($line['line'], 'figure_type'), 'unknown-figure-type', "The force has no figure type \"{$line['figure_type']}\"; it has: ".implode(', ', array_keys($types)).'.');
    }

    /** @param  array<string, FigureType>  $types */
    private static function surface(array $types, string $type, string $area): string
    {
        foreach ($type === '' ? $types : array_intersect_key($types, [$type => true]) as $known) {
            $found = $known->area($area);
            if ($found !== null) {
                return $found->area->surface;
            }
        }

        return '';
    }
}
