<?php

declare(strict_types=1);

namespace Core\School;

/** The choices of each question, with what each is for. Common practice, no source. */
final readonly class SchoolBook
{
    /** @return non-empty-list<SchoolChoice> */
    public static function choices(SchoolQuestion $question): array
    {
        return match ($question) {
            SchoolQuestion::Ground, SchoolQuestion::Metals, SchoolQuestion::MetalOver, SchoolQuestion::Covering, SchoolQuestion::Start => self::ofLayingIn($question),
            SchoolQuestion::Shade, SchoolQuestion::AfterShade, SchoolQuestion::DarkLining, SchoolQuestion::Pools, SchoolQuestion::Thinner => self::ofShading($question),
            SchoolQuestion::Lights, SchoolQuestion::LastLight, SchoolQuestion::Glaze, SchoolQuestion::LightOnGold => self::ofLighting($question),
            SchoolQuestion::GroundCover, SchoolQuestion::LayIn, SchoolQuestion::Path, SchoolQuestion::Brush, SchoolQuestion::Mending => self::ofWorking($question),
        };
    }

    /** @return non-empty-list<string> ids of the choices */
    public static function words(SchoolQuestion $question): array
    {
        return array_map(static fn (SchoolChoice $choice): string => $choice->id, self::choices($question));
    }

    /** @return non-empty-list<SchoolChoice> */
    private static function ofLayingIn(SchoolQuestion $question): array
    {
        return match ($question) {
            SchoolQuestion::Ground => [
                new SchoolChoice('dark', 'dark', 'fast schemes with much metal', criteria: 'what is missed looks like shadow', repair: 'back to dark, then every layer'),
                new SchoolChoice('mid-grey', 'mid grey', 'a little of both'),
                new SchoolChoice('light', 'light', 'stains, bright colours, clean metal', criteria: 'a missed spot shines: it is looked for', repair: 'tidy neighbours back to light before the next stain'),
                new SchoolChoice('zenithal', 'light from above over dark', 'thin paint does half the modelling', order: 'what goes over it stays thin', repair: 'the sketch under a mended spot is gone: mix it by eye'),
            ],
            SchoolQuestion::Metals => [
                new SchoolChoice('first', 'first', 'mistakes are cheap', order: 'metals laid in, shaded and lit before other paint of their part', rule: 'metals come first'),
                new SchoolChoice('last', 'last', 'metal keeps its shine', order: 'all else, varnish that leaves metals out, then metals, then what sits in them', rule: 'metals come last', repair: 'a slip on a finished neighbour is mended layer by layer'),
            ],
            SchoolQuestion::MetalOver => [
                new SchoolChoice('dark', 'dark', 'weighty, covers in one coat'),
                new SchoolChoice('light-grey', 'light grey', 'bright and clean; needs two thin coats'),
            ],
            SchoolQuestion::Covering => [
                new SchoolChoice('two-thin', 'two thin coats', 'flat and opaque, detail stays sharp', repair: 'a slip is covered with the layer\'s own colour'),
                new SchoolChoice('one-stain', 'one coat of stain', 'fast, shade and tone in one go', order: 'clean boundaries first', repair: 'back to the ground colour, then the stain again'),
            ],
            default => [
                new SchoolChoice('dark-end', 'near the dark end, building up', 'fast', order: 'each step lighter than the last'),
                new SchoolChoice('middle', 'in the middle, shade and light both ways', 'the colour stays true', order: 'shade first, then light'),
            ],
        };
    }

    /** @return non-empty-list<SchoolChoice> */
    private static function ofShading(SchoolQuestion $question): array
    {
        return match ($question) {
            SchoolQuestion::Shade => [
                new SchoolChoice('all-over', 'all over', 'fast, grimy', order: 'before its neighbours, or they are tidied back', criteria: 'faces may be dulled', repair: 'back to the lay-in, then the wash'),
                new SchoolChoice('recess-only', 'in recesses only', 'clean, slow', criteria: 'no wash stands on flat faces', repair: 'a stain on a face: the lay-in there, then the recess'),
                new SchoolChoice('first', 'first, under everything', 'a reddish wash under skin', order: 'before the lay-in'),
            ],
            SchoolQuestion::AfterShade => [
                new SchoolChoice('relight', 'the middle tone again', 'three tones, clean faces', order: 'lay-in again after the shade, then lights'),
                new SchoolChoice('straight-light', 'a broad light straight on', 'the shaded colour counts as a tone'),
            ],
            SchoolQuestion::DarkLining => [
                new SchoolChoice('black', 'black', 'reads from far'),
                new SchoolChoice('darker-tone', 'a darker tone of the neighbour', 'softer, for close looking'),
            ],
            SchoolQuestion::Thinner => [
                new SchoolChoice('medium', 'with medium', 'the binder holds, however thin'),
                new SchoolChoice('water', 'with water', 'at hand, dries fast; tried out first', criteria: 'no chalk stands in recesses'),
            ],
            default => [
                new SchoolChoice('fault', 'a fault', 'skin, cloth, clean plate', criteria: 'no pools stand'),
                new SchoolChoice('wanted', 'wanted', 'dirty machines', criteria: 'pools are grime and stay'),
            ],
        };
    }

    /** @return non-empty-list<SchoolChoice> */
    private static function ofLighting(SchoolQuestion $question): array
    {
        return match ($question) {
            SchoolQuestion::Lights => [
                new SchoolChoice('every-edge', 'on every edge', 'graphic, reads far away; plate and machines', criteria: 'every visible edge has its line'),
                new SchoolChoice('where-light-falls', 'where light falls', 'upper faces, folds, points; cloth, skin, historical subjects', criteria: 'lower edges stay dark'),
                new SchoolChoice('drybrush', 'by drybrush', 'fast, textured things', order: 'before its neighbours, or they are tidied back', criteria: 'no dust on neighbours'),
            ],
            SchoolQuestion::LastLight => [
                new SchoolChoice('shared', 'one shared light mixed into all areas', 'ties a figure together'),
                new SchoolChoice('own-series', 'each area\'s own series', 'pure colours'),
                new SchoolChoice('base-again', 'simply its base colour again', 'plain tiers'),
            ],
            SchoolQuestion::Glaze => [
                new SchoolChoice('very-thin', 'very thin, many passes', 'the smoothest'),
                new SchoolChoice('drawn-edges', 'a little transparent, edges drawn out', 'fast'),
            ],
            default => [
                new SchoolChoice('silver', 'silver', 'shines more'),
                new SchoolChoice('brighter-gold', 'a brighter gold', 'keeps its hue'),
            ],
        };
    }

    /** @return non-empty-list<SchoolChoice> */
    private static function ofWorking(SchoolQuestion $question): array
    {
        return match ($question) {
            SchoolQuestion::GroundCover => [
                new SchoolChoice('early', 'early', 'a sculpted base drybrushed', order: 'its messy work before the boots and whatever else borders on it', rule: 'the ground is covered before what borders on it'),
                new SchoolChoice('apart', 'apart', 'made on its own', order: 'with its rim a part of its own, which soils nothing of the figure; joined last, contact points are looked at', rule: 'the ground is made apart'),
                new SchoolChoice('last', 'last', 'loose cover', order: 'after all other paint but the rim', rule: 'the ground is covered last'),
            ],
            SchoolQuestion::LayIn => [
                new SchoolChoice('brush', 'by brush', 'many small fields'),
                new SchoolChoice('spray', 'by spray', 'few, large, joining fields', order: 'masking at each boundary'),
            ],
            SchoolQuestion::Path => [
                new SchoolChoice('step-by-step', 'step by step over all figures', 'even batches'),
                new SchoolChoice('colour-by-colour', 'colour by colour', 'few paint changes', order: 'what is laid alike with one paint in one go, wherever nothing more is tidied for it'),
                new SchoolChoice('figure-by-figure', 'figure by figure, area by area', 'display pieces'),
            ],
            SchoolQuestion::Brush => [
                new SchoolChoice('largest', 'the largest with a good point', 'holds paint'),
                new SchoolChoice('finest', 'the finest', 'control'),
            ],
            default => [
                new SchoolChoice('from-ground', 'from the ground colour', 'stains and pale colours', repair: 'ground, then every layer again'),
                new SchoolChoice('own-colour', 'with the layer\'s own colour', 'opaque paint', repair: 'the layer\'s colour over it'),
                new SchoolChoice('left-as-texture', 'left as texture where the surface is rough', 'hide, stone, rust', criteria: 'unevenness is texture, not a fault'),
            ],
        };
    }
}
