<?php

declare(strict_types=1);

namespace Core\Rework;

/** What goes wrong at the bench, how it looks, and what is done about it. Common practice, no source. */
enum MishapKind: string
{
    case Overspill = 'overspill';
    case Dust = 'dust';
    case Pool = 'pool';
    case TideMark = 'tide-mark';
    case Chalky = 'chalky';
    case Patch = 'patch';
    case Thick = 'thick';
    case WideLine = 'wide-line';
    case HardStep = 'hard-step';
    case ToneCovered = 'tone-covered';
    case Rubbed = 'rubbed';
    case Decal = 'decal';
    case Broken = 'broken';

    public function inWords(): string
    {
        return match ($this) {
            self::Overspill => 'slip of foreign paint',
            self::Dust => 'drybrush dust',
            self::Pool => 'pool',
            self::TideMark => 'tide mark',
            self::Chalky => 'chalk in the recess',
            self::Patch => 'missed patch',
            self::Thick => 'thick paint',
            self::WideLine => 'wobbly or fat line',
            self::HardStep => 'hard step',
            self::ToneCovered => 'tone below covered',
            self::Rubbed => 'rubbed or chipped',
            self::Decal => 'decal torn or lost',
            self::Broken => 'broken or loose',
        };
    }

    public function looks(): string
    {
        return match ($this) {
            self::Overspill => 'paint of another area lies where it does not belong',
            self::Dust => 'pale dust of a drybrush beside what it was meant for',
            self::Pool => 'a wash stands too dark, shiny',
            self::TideMark => 'the dried edge of a wash or glaze',
            self::Chalky => 'dull grains where too much water broke the paint',
            self::Patch => 'what lies under it shows',
            self::Thick => 'brush strokes stand, detail is lost',
            self::WideLine => 'a line is broad, or leaves its edge',
            self::HardStep => 'a light stands off from the tone beside it',
            self::ToneCovered => 'the light left nothing of the tone below it',
            self::Rubbed => 'paint is off, down to what it was laid on',
            self::Decal => 'it moved, tore or came off',
            self::Broken => 'a part came off or gave way',
        };
    }

    /** While it is fresh; empty: nothing is done then that would not be done later. */
    public function fresh(): string
    {
        return match ($this) {
            self::Overspill, self::WideLine => 'Fresh and thin: lift it with a clean damp brush; then nothing is laid again.',
            self::Pool => 'Still wet: draw it off with a damp brush; then nothing is laid again.',
            self::Dust => 'Brush it off with a dry soft brush before anything binds it.',
            self::Decal => 'Still wet: float it back with a loaded brush.',
            default => '',
        };
    }

    /** What is tried before layers are laid again; empty: nothing else. */
    public function instead(): string
    {
        return match ($this) {
            self::WideLine => 'Cut it back with the colour beside it; lay it again only where that is lost.',
            self::HardStep => 'One or two thin glazes of the middle tone over the step.',
            self::ToneCovered => 'Bring the tone back beside the light, thinned; where all is too bright, a wash over it.',
            self::Thick => 'Dry, then rubbed down finely and wiped; what comes off is laid again from the ground.',
            self::Decal => 'Gloss on the place, a new decal, matt again; chips in the colour round it.',
            self::Broken => 'Glue it and let it set; mend the joint with the layers of its area.',
            default => '',
        };
    }

    /** Which of the layers is at fault. */
    public function lies(): MishapLies
    {
        return match ($this) {
            self::Overspill, self::Dust => MishapLies::OnTop,
            self::Pool, self::TideMark, self::Chalky => MishapLies::InShade,
            self::Patch => MishapLies::InLayIn,
            self::WideLine, self::HardStep, self::ToneCovered => MishapLies::InLight,
            self::Decal => MishapLies::InMarking,
            self::Thick, self::Rubbed, self::Broken => MishapLies::DownToTheGround,
        };
    }
}
