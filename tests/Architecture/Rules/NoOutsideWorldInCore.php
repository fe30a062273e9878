<?php

declare(strict_types=1);

namespace Tests\Architecture\Rules;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Name;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * The core has no clock, no chance, no files and no helpers of the framework: dependencies between
 * classes do not show calls of functions, so they are looked at here.
 *
 * @implements Rule<Node\Expr>
 */
final readonly class NoOutsideWorldInCore implements Rule
{
    private const DENIED = [
        'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'now', 'today',
        'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid', 'shuffle', 'array_rand',
        'fopen', 'file', 'file_get_contents', 'file_put_contents', 'readfile', 'exec', 'shell_exec', 'proc_open', 'getenv', 'putenv', 'header', 'sleep', 'usleep',
        'config', 'app', 'resolve', 'env', 'request', 'session', 'cache', 'logger', 'trans', '__', 'collect', 'dd', 'dump', 'var_dump', 'error_log',
    ];

    public function getNodeType(): string
    {
        return Node\Expr::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (! str_starts_with($scope->getNamespace() ?? '', 'Core')) {
            return [];
        }
        $denied = match (true) {
            $node instanceof FuncCall && $node->name instanceof Name && in_array($node->name->toLowerString(), self::DENIED, true) => $node->name->toString().'()',
            $node instanceof New_ && $node->class instanceof Name && in_array($node->class->getLast(), ['DateTime', 'DateTimeImmutable', 'Randomizer'], true) => 'new '.$node->class->getLast(),
            default => null,
        };

        return $denied === null ? [] : [
            RuleErrorBuilder::message("The core does not call {$denied}: what is outside comes in as an argument.")->identifier('ordotype.core')->build(),
        ];
    }
}
