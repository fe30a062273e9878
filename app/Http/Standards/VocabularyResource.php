<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Core\Composition\SizeClass;
use Core\School\SchoolBook;
use Core\School\SchoolChoice;
use Core\School\SchoolQuestion;
use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\OrderReason;
use Core\Standard\PlateShape;
use Core\Standard\Sheen;
use Core\Standard\TechniqueGroup;
use Core\Standard\Texture;
use Document\Member\SurfaceMembers;
use Document\Member\TechniqueMembers;
use Document\Member\TierMembers;
use Document\Member\UseMembers;

/**
 * The words that a standard is written with, and the schools with what each is for.
 *
 * @phpstan-type SchoolOption array{
 *   id: string,
 *   name: string,
 *   for: string,
 *   order: string,
 *   criteria: string,
 *   repair: string,
 * }
 * @phpstan-type School array{id: string, name: string, choices: list<SchoolOption>}
 * @phpstan-import-type MemberField from MemberFields
 *
 * @phpstan-type FieldsOfStandard array{
 *   surface: list<MemberField>,
 *   tier: list<MemberField>,
 *   technique: list<MemberField>,
 *   use: list<MemberField>,
 * }
 * @phpstan-type Vocabulary array{
 *   fields: FieldsOfStandard,
 *   groups: list<string>,
 *   opacities: list<string>,
 *   lies_on: list<string>,
 *   extents: list<string>,
 *   textures: list<string>,
 *   sheens: list<string>,
 *   plates: list<string>,
 *   order_reasons: list<string>,
 *   size_classes: list<string>,
 *   schools: list<School>,
 * }
 */
final readonly class VocabularyResource extends Resource
{
    /** @return Vocabulary */
    public function toArray(): array
    {
        return [
            'fields' => [
                'surface' => MemberFields::of(SurfaceMembers::all()),
                'tier' => MemberFields::of(TierMembers::all()),
                'technique' => MemberFields::of(TechniqueMembers::all()),
                'use' => MemberFields::of(UseMembers::degree()),
            ],
            'groups' => array_column(TechniqueGroup::cases(), 'value'),
            'opacities' => array_column(Opacity::cases(), 'value'),
            'lies_on' => array_column(LiesOn::cases(), 'value'),
            'extents' => array_column(Extent::cases(), 'value'),
            'textures' => array_column(Texture::cases(), 'value'),
            'sheens' => array_column(Sheen::cases(), 'value'),
            'plates' => array_column(PlateShape::cases(), 'value'),
            'order_reasons' => array_column(OrderReason::cases(), 'value'),
            'size_classes' => array_column(SizeClass::cases(), 'value'),
            'schools' => array_map(static fn (SchoolQuestion $question): array => [
                'id' => $question->value,
                'name' => $question->inWords(),
                'choices' => array_map(static fn (SchoolChoice $choice): array => [
                    'id' => $choice->id, 'name' => $choice->name, 'for' => $choice->for, 'order' => $choice->order, 'criteria' => $choice->criteria, 'repair' => $choice->repair,
                ], SchoolBook::choices($question)),
            ], SchoolQuestion::cases()),
        ];
    }
}
