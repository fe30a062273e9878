<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Attribute;
use Illuminate\Http\Request;
use LogicException;
use ReflectionClass;

/** What an address answers with when nothing is refused; without a word: 200 and JSON. The document of the API says the same. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Answers
{
    public const JSON = 'application/json';

    /**
     * @param  int  $status 201 where something new is there afterwards
     * @param  int|null  $otherwise another one, where nothing came of it
     */
    public function __construct(
        public int $status = 200,
        public string $type = self::JSON,
        public ?int $otherwise = null,
    ) {
    }

    /** What the address of a request answers with. */
    public static function to(Request $request): self
    {
        $controller = $request->route()?->getControllerClass();

        return $controller !== null && class_exists($controller) ? self::of($controller) : throw new LogicException('Every address of the API is answered by a class of its own.');
    }

    /** @param  class-string  $controller */
    public static function of(string $controller): self
    {
        return ((new ReflectionClass($controller))->getAttributes(self::class)[0] ?? null)?->newInstance() ?? new self;
    }
}
