<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Paints\PaintBook;
use App\Import\PaintsByUse;
use App\Import\RosterProblem;
use App\Models\Scheme;
use App\Refusals\NotRight;
use Core\Composition\FigureType;
use Core\Scheme\AreaLadder;
use Core\Scheme\KnownUses;
use Core\Scheme\LadderFromUses;
use Core\Scheme\SharedLadders;
use Core\Scheme\UseRecipe;
use Core\Standard\Standard;
use Document\Json\BadDocument;
use Document\Json\ShapeFault;

/**
 * Reads a list of paints by use as the ladders that it becomes. Figure types that have an area alike share it; one that
 * differs, or on which the area is another surface, is written as a difference. Every line lands, or it is told why not.
 *
 * @phpstan-import-type PaintLine from PaintsByUse
 *
 * @phpstan-type ReadLine array{line: int, type: string, recipe: UseRecipe, remark: string}
 */
final readonly class ReadRecipes
{
    public function __construct(
        private PaintBook $paints,
        private ForceTypes $types,
        private SchemeBook $book,
    ) {
    }

    /** @throws BadDocument if a line cannot be read: each of them is told */
    public function handle(Scheme $scheme, Standard $standard, string $text): ReadList
    {
        $types = $this->book->of($scheme)->types($this->types->of($scheme->force_id), $standard);
        $read = PaintsByUse::read($text);
        $faults = array_map(static fn (RosterProblem $problem): ShapeFault => $problem->fault(), $read['problems']);
        $lists = $known = [];
        foreach ($read['lines'] as $line) {
            try {
                $type = self::type($line, $types);
                $surfaces = self::surfaces($types, $type, $line['area']);
                $uses = $known[implode("\n", $surfaces)] ??= new KnownUses($standard, $surfaces);
                $recipe = $this->line($line, $uses, $surfaces);
                $lists[$line['area']][$type][] = ['line' => $line['line'], 'type' => $type, 'recipe' => $recipe, 'remark' => self::remark($uses, $surfaces, $recipe->use)];
            } catch (NotRight $refusal) {
                $faults[] = new ShapeFault($refusal->errorCode(), $refusal->path(), "Line {$line['line']}: ".$refusal->getMessage());
            }
        }
        if ($faults !== []) {
            throw BadDocument::withFaults($faults);
        }
        $ladders = $lines = [];
        foreach ($lists as $area => $byType) {
            $written = SharedLadders::of($this->ladders($standard, $types, (string) $area, $byType));
            foreach ($written as $type => $ladder) {
                $ladders[] = ['type' => (string) $type, 'ladder' => $ladder];
            }
            array_push($lines, ...self::landed($standard, $types, (string) $area, array_merge(...array_values($byType)), $written));
        }
        usort($lines, static fn (LandedLine $a, LandedLine $b): int => $a->line <=> $b->line);

        return new ReadList($ladders, $lines);
    }

    /**
     * @param  PaintLine  $line
     * @param  list<string>  $surfaces that the area is on the figures it speaks of; none: no figure has it
     *
     * @throws NotRight
     */
    private function line(array $line, KnownUses $known, array $surfaces): UseRecipe
    {
        $use = $known->id($line['use']) ?? throw NotRight::at(
            RosterProblem::pointer($line['line'], 'use'),
            'unknown-use',
            "No tier lays \"{$line['use']}\" on ".($surfaces === [] ? 'anything' : implode(' or ', $surfaces)).'; it is one of: '.implode(', ', $known->asked).'.',
        );

        return new UseRecipe($use, $line['step'], $this->paints->recipe($line['mix'], RosterProblem::pointer($line['line'], 'mix')));
    }

    /**
     * @param  array<string, FigureType>  $types
     * @param  array<array-key, list<ReadLine>>  $byType
     * @return array<string, AreaLadder> by type; empty for any
     */
    private function ladders(Standard $standard, array $types, string $area, array $byType): array
    {
        $make = new LadderFromUses($standard);
        $ladders = [];
        foreach ($byType as $type => $list) {
            $recipes = array_column($list, 'recipe');
            foreach (self::kinds($types, (string) $type, $area, array_map(strval(...), array_keys($byType))) as $key => $surface) {
                $ladders[$key] = $make->of($area, $surface, $recipes);
            }
        }

        return $ladders;
    }

    /**
     * As what kind of thing an area is read: once for all types, or type by type where it is not the same on all.
     *
     * @param  array<string, FigureType>  $types
     * @param  list<string>  $told types that the list speaks of by themselves
     * @return array<string, string> surface by type
     */
    private static function kinds(array $types, string $type, string $area, array $told): array
    {
        $surfaces = self::surfaces($types, $type, $area);
        if ($type !== '' || count($surfaces) <= 1) {
            return [$type => $surfaces[0] ?? ''];
        }
        $kinds = [];
        foreach ($types as $key => $known) {
            $found = $known->area($area);
            if ($found !== null && ! in_array($key, $told, true)) {
                $kinds[$key] = $found->area->surface;
            }
        }

        return $kinds;
    }

    /**
     * @param  array<string, FigureType>  $types
     * @param  list<ReadLine>  $lines
     * @param  array<string, AreaLadder>  $written
     * @return list<LandedLine>
     */
    private static function landed(Standard $standard, array $types, string $area, array $lines, array $written): array
    {
        $make = new LadderFromUses($standard);
        $landed = [];
        foreach ($lines as ['line' => $line, 'type' => $type, 'recipe' => $recipe, 'remark' => $remark]) {
            $surfaces = self::surfaces($types, $type, $area);
            $ladder = $written[$type] ?? $written[''];
            $at = $make->rungOf($ladder, $surfaces[0] ?? '', $recipe);
            $landed[] = new LandedLine($line, $type, $area, $recipe->use, $make->technique($surfaces[0] ?? '', $recipe->use)->name ?? $recipe->use, $recipe->step, $recipe->recipe, $at, $at === null ? null : $ladder->rungs[$at]->role, $remark);
        }

        return $landed;
    }

    /** @param  list<string>  $surfaces */
    private static function remark(KnownUses $known, array $surfaces, string $use): string
    {
        return match (true) {
            $surfaces === [] => 'no figure of the force has this area yet',
            ! $known->isAsked($use) => 'no tier asks for it here',
            default => '',
        };
    }

    /**
     * @param  PaintLine  $line
     * @param  array<string, FigureType>  $types
     *
     * @throws NotRight
     */
    private static function type(array $line, array $types): string
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

    /**
     * @param  array<string, FigureType>  $types
     * @return list<string> each once
     */
    private static function surfaces(array $types, string $type, string $area): array
    {
        $surfaces = [];
        foreach ($type === '' ? $types : array_intersect_key($types, [$type => true]) as $known) {
            $found = $known->area($area);
            if ($found !== null) {
                $surfaces[$found->area->surface] = $found->area->surface;
            }
        }

        return array_values($surfaces);
    }
}
