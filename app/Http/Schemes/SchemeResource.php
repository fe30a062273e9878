<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\SchemeReading;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\SchemeNote as NoteRow;
use Core\Composition\TypeArea;
use Core\Scheme\FindingCost;
use Core\Scheme\NeighbourPair;
use Core\Scheme\NeighboursPart;
use Core\Scheme\NoFamilyRules;
use Core\Scheme\Paint;
use Core\Scheme\Parting;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeFinding;
use Core\Scheme\SchemeText;
use Core\Standard\Surface;
use Core\Standard\Tier;

/**
 * A scheme on one figure type at one tier.
 *
 * @phpstan-import-type Why from WhyShape
 * @phpstan-import-type SchemeArea_ from SchemeAreaParts
 * @phpstan-import-type SchemeRow from SchemesResource
 * @phpstan-import-type Accepted from FoundParts
 * @phpstan-import-type FoundCounts from FoundParts
 *
 * @phpstan-type SchemeFinding_ array{
 *   code: string,
 *   cost: value-of<FindingCost>,
 *   figure_type: string,
 *   area: string,
 *   place: string,
 *   accepted: Accepted|null,
 *   sentence: string,
 *   why: Why,
 * }
 * @phpstan-type NeighbourPair_ array{one: string, other: string, apart: float, parted_by: value-of<Parting>}
 * @phpstan-type FamilyShare array{family: string, share: float, hex: string}
 * @phpstan-type SchemeNote_ array{
 *   id: int,
 *   kind: string,
 *   area: string,
 *   text: string,
 *   by: string,
 *   at: string|null,
 * }
 * @phpstan-type SchemePaint array{
 *   name: string,
 *   kind: string,
 *   hex: string,
 *   stock_ml: float|null,
 *   areas: list<string>,
 * }
 * @phpstan-type Choice_ array{key: string, name: string}
 * @phpstan-type Scheme array{
 *   id: int,
 *   name: string,
 *   force: array{id: int, name: string},
 *   common_id: int|null,
 *   version: int,
 *   ground: string,
 *   sketch: string,
 *   sketch_cover: float,
 *   light: string,
 *   light_hex: string|null,
 *   light_own: float,
 *   light_parts: float,
 *   light_reach: int,
 *   last_light: string,
 *   light_from: string,
 *   focal: list<string>,
 *   one_colour: bool,
 *   accents: string,
 *   note: string,
 *   picture: string|null,
 *   tiers: list<Choice_>,
 *   tier: string,
 *   types: list<Choice_>,
 *   surfaces: list<Choice_>,
 *   type: string,
 *   areas: list<SchemeArea_>,
 *   without: list<Choice_>,
 *   lit: array{taking: int, of: int},
 *   findings: list<SchemeFinding_>,
 *   across: list<SchemeFinding_>,
 *   counts: FoundCounts,
 *   span: float,
 *   asked: float,
 *   pairs: list<NeighbourPair_>,
 *   least_apart: float,
 *   families: list<FamilyShare>,
 *   uncoloured: float,
 *   family_limit: float,
 *   paints: list<SchemePaint>,
 *   notes: list<SchemeNote_>,
 *   others: list<SchemeRow>,
 * }
 */
final readonly class SchemeResource extends Resource
{
    /**
     * @param  list<SchemeRow>  $others schemes of the same force
     * @param  list<NoteRow>  $notes
     * @param  list<array{paint: Paint, areas: list<string>}>  $paints over all schemes of the force
     */
    public function __construct(
        private SchemeReading $reading,
        private array $others,
        private array $notes,
        private array $paints,
    ) {
    }

    /** @return Scheme */
    public function toArray(): array
    {
        $scheme = $this->reading->scheme;
        $areas = $this->areas();
        $findings = FoundParts::sorted(array_map(fn (SchemeFinding $finding): array => $this->finding($finding, $this->reading->type), $this->reading->findings()));
        $across = FoundParts::sorted(array_map(fn (SchemeFinding $finding): array => $this->finding($finding, ''), $this->reading->acrossForce()));

        return [
            'id' => $scheme->id,
            'name' => $scheme->name,
            'force' => ['id' => $scheme->force_id, 'name' => $scheme->force->name],
            'common_id' => $scheme->common_id,
            'version' => $scheme->version,
            'ground' => $scheme->groundPaint->name ?? '',
            'sketch' => $scheme->sketchPaint->name ?? '',
            'sketch_cover' => $scheme->sketch_cover,
            'light' => $scheme->lightPaint->name ?? '',
            'light_hex' => $scheme->lightPaint?->hex,
            'light_own' => $scheme->light_own,
            'light_parts' => $scheme->light_parts,
            'light_reach' => $scheme->light_reach,
            'last_light' => $scheme->last_light,
            'light_from' => $scheme->light_from,
            'focal' => $scheme->focal ?? [],
            'one_colour' => $scheme->one_colour,
            'accents' => $scheme->accents,
            'note' => $scheme->note,
            'picture' => $scheme->picture,
            'tiers' => $this->tiers(),
            'tier' => $this->reading->tier->id,
            'types' => $this->types(),
            'surfaces' => $this->surfaces(),
            'type' => $this->reading->type,
            'areas' => $areas,
            'without' => $this->without(),
            'lit' => $this->lit(),
            'findings' => $findings,
            'across' => $across,
            'counts' => FoundParts::counts([...$findings, ...$across, ...array_merge([], ...array_column($areas, 'findings'))]),
            'span' => round($this->reading->figure->span()),
            'asked' => $this->reading->asked($this->reading->tier),
            'pairs' => $this->pairs(),
            'least_apart' => $this->reading->ladders->rules->neighbourStep,
            'families' => $this->families(),
            'uncoloured' => round(1 - $this->reading->figure->coloured(), 3),
            'family_limit' => $this->reading->ladders->rules->familyLimit,
            'paints' => $this->paints(),
            'notes' => array_map(static fn (NoteRow $note): array => [
                'id' => $note->id, 'kind' => $note->kind, 'area' => $note->area, 'text' => $note->text, 'by' => $note->user->name, 'at' => $note->created_at?->toIso8601ZuluString(),
            ], $this->notes),
            'others' => $this->others,
        ];
    }

    /** @return list<Choice_> */
    private function tiers(): array
    {
        return array_map(static fn (Tier $tier): array => ['key' => $tier->id, 'name' => $tier->name], $this->reading->standard->offeredTiers());
    }

    /** @return list<Choice_> */
    private function types(): array
    {
        $types = [];
        foreach ($this->reading->types as $key => $type) {
            $types[] = ['key' => $key, 'name' => $type->name];
        }

        return $types;
    }

    /** @return list<Choice_> what an area can be */
    private function surfaces(): array
    {
        $areas = array_filter($this->reading->standard->surfaces, static fn (Surface $surface): bool => $surface->id !== Surface::WHOLE);

        return array_values(array_map(static fn (Surface $surface): array => ['key' => $surface->id, 'name' => $surface->name], $areas));
    }

    /** @return list<SchemeArea_> in the figure's order */
    private function areas(): array
    {
        $parts = new SchemeAreaParts($this->reading);
        $areas = [];
        foreach ($this->reading->figure->type->areas as $area) {
            $found = $this->reading->ladders->find($this->reading->type, $area->area->id);
            if ($found !== null) {
                $areas[] = $parts->of($found['scheme'], $found['row'], $found['ladder']);
            }
        }

        return $areas;
    }

    /** @return list<Choice_> areas of the figure that the scheme says nothing of */
    private function without(): array
    {
        $left = array_filter($this->reading->figure->type->areas, fn (TypeArea $area): bool => $this->reading->ladders->find($this->reading->type, $area->area->id) === null);

        return array_values(array_map(static fn (TypeArea $area): array => ['key' => $area->area->id, 'name' => $area->area->surface], $left));
    }

    /** @return array{taking: int, of: int} areas whose last light has the scheme's light in it, of those with lights */
    private function lit(): array
    {
        $light = $this->reading->scheme->lightPaint->name ?? '';
        $taking = $of = 0;
        foreach ($this->reading->figure->ladders as $ladder) {
            $lights = $ladder->reading->at(RungRole::Light);
            if ($lights !== []) {
                $of++;
                $taking += $ladder->reading->rungs[$lights[count($lights) - 1]]->recipe->has($light) ? 1 : 0;
            }
        }

        return ['taking' => $taking, 'of' => $of];
    }

    /** @return SchemeFinding_ */
    private function finding(SchemeFinding $finding, string $type): array
    {
        return [
            ...FoundParts::of($this->reading, $finding->fault->value, $type, $finding->area, $finding->place()),
            'sentence' => SchemeText::sentence($finding),
            'why' => SchemeText::why($finding)->toArray(),
        ];
    }

    /** @return list<NeighbourPair_> */
    private function pairs(): array
    {
        return array_map(static fn (NeighbourPair $pair): array => [
            'one' => $pair->one, 'other' => $pair->other, 'apart' => round($pair->apart, 1), 'parted_by' => $pair->by->value,
        ], (new NeighboursPart($this->reading->ladders->rules->neighbourStep))->pairs($this->reading->figure));
    }

    /** @return list<FamilyShare> */
    private function families(): array
    {
        $families = [];
        foreach (NoFamilyRules::families($this->reading->figure) as $family => $share) {
            $families[] = ['family' => $family, 'share' => round($share, 3), 'hex' => NoFamilyRules::mostSeen($this->reading->figure, $family)->hex()];
        }

        return $families;
    }

    /** @return list<SchemePaint> */
    private function paints(): array
    {
        return array_map(static fn (array $one): array => [
            'name' => $one['paint']->name, 'kind' => $one['paint']->kind->value, 'hex' => $one['paint']->colour->hex(), 'stock_ml' => $one['paint']->stockMl, 'areas' => $one['areas'],
        ], $this->paints);
    }
}
