<?php

declare(strict_types=1);

namespace Core\Rework;

use Core\Standard\TechniqueGroup;

/** Where among the layers of an area something went wrong. */
enum MishapLies
{
    case OnTop;
    case InShade;
    case InLayIn;
    case InLight;
    case InMarking;
    case DownToTheGround;

    /** The group of the layer at fault; null: none of them is. */
    public function group(): ?TechniqueGroup
    {
        return match ($this) {
            self::InShade => TechniqueGroup::Shade,
            self::InLayIn => TechniqueGroup::LayIn,
            self::InLight => TechniqueGroup::Light,
            self::InMarking => TechniqueGroup::Marking,
            self::OnTop, self::DownToTheGround => null,
        };
    }
}
