<?php

declare(strict_types=1);

namespace Cli\Document;

use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\OrderReason;
use Core\Standard\Sheen;
use Core\Standard\TechniqueGroup;
use Core\Standard\Texture;

/**
 * The shape of a technique in the format `ordotype-standard/1`.
 *
 * @phpstan-import-type SchemaArray from Schema
 */
final readonly class TechniqueSchema
{
    /** @return SchemaArray */
    public static function technique(): array
    {
        $precedence = ['technique' => Schema::id(), 'why' => Schema::wordOf(OrderReason::class)];

        return Schema::object([
            'id' => Schema::id(),
            'name' => Schema::text(),
            'group' => Schema::wordOf(TechniqueGroup::class),
            'opacity' => Schema::wordOf(Opacity::class),
        ], [
            'lies_on' => Schema::wordOf(LiesOn::class, LiesOn::All->value),
            'dry' => Schema::atLeast(0, 0),
            'messy' => Schema::boolean(false),
            'replaces' => Schema::list(Schema::id()),
            'texture' => Schema::wordOf(Texture::class),
            'sheen' => Schema::wordOf(Sheen::class),
            'thinning' => Schema::text(),
            'tool' => Schema::text(),
            'caution' => Schema::text(),
            'note' => Schema::text(),
            'prone_to' => Schema::list(Schema::id()),
            'comes_after' => Schema::list(Schema::object($precedence, ['needed' => Schema::boolean(false)])),
            'comes_before' => Schema::list(Schema::object($precedence)),
        ]);
    }
}
