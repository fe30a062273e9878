<?php

declare(strict_types=1);

namespace Document\Member;

use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Objects of the core from what their constructors take, however deep it lies: `terms.valueSpan` is an argument of the argument `terms`. */
final readonly class Construction
{
    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<string, mixed>  $arguments by path; what is left out is as the constructor has it
     * @return T
     */
    public static function of(string $class, array $arguments): object
    {
        $own = $inner = [];
        foreach ($arguments as $path => $value) {
            [$name, $rest] = self::split($path);
            if ($rest === null) {
                $own[$name] = $value;
            } else {
                $inner[$name][$rest] = $value;
            }
        }
        foreach ($inner as $name => $given) {
            $own[$name] = self::of(self::classOf($class, $name), $given);
        }

        return new $class(...$own);
    }

    /**
     * What holds where nothing is given; null where something must be.
     *
     * @param  class-string  $class
     */
    public static function otherwise(string $class, string $path): mixed
    {
        [$name, $rest] = self::split($path);
        if ($rest !== null) {
            return self::otherwise(self::classOf($class, $name), $rest);
        }
        $parameter = self::parameter($class, $name);

        return $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null;
    }

    public static function at(object $value, string $path): mixed
    {
        [$name, $rest] = self::split($path);
        $there = get_object_vars($value)[$name];

        return $rest === null || ! is_object($there) ? $there : self::at($there, $rest);
    }

    /** @return array{string, string|null} the argument, and what of it */
    private static function split(string $path): array
    {
        $dot = strpos($path, '.');

        return $dot === false ? [$path, null] : [substr($path, 0, $dot), substr($path, $dot + 1)];
    }

    /** @param  class-string  $class */
    private static function parameter(string $class, string $name): ReflectionParameter
    {
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $name) {
                return $parameter;
            }
        }

        throw new \LogicException("{$class} takes no {$name}.");
    }

    /**
     * The class of an argument, looked up once: a standard is read with hundreds of them.
     *
     * @param  class-string  $class
     * @return class-string
     */
    private static function classOf(string $class, string $name): string
    {
        /** @var array<string, class-string> $known */
        static $known = [];

        return $known["{$class} {$name}"] ??= self::classTakenBy(self::parameter($class, $name));
    }

    /** @return class-string */
    private static function classTakenBy(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return class_exists($name) ? $name : throw new \LogicException("{$parameter->getName()} is no object.");
    }
}
