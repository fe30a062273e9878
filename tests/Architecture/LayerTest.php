<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may know whom. The edges are those of the map in docs/map.md; they have no cycle. */
final class LayerTest
{
    /** Namespaces of the core, with those that each may use beside itself and the two files at the root. */
    private const CORE = [
        'School' => [],
        'Standard' => ['School'],
        'Difference' => ['Standard'],
        'Assignment' => ['Standard'],
        'Budget' => ['Standard', 'Composition', 'Plate'],
        'Colour' => [],
        'Record' => [],
        'Plan' => ['Standard', 'Schedule'],
        'Composition' => ['Standard', 'School'],
        'Quote' => ['Standard', 'Composition'],
        'Listing' => ['Standard', 'Composition'],
        'Mapping' => ['Standard', 'Composition', 'Listing'],
        'Lint' => ['Standard', 'School', 'Composition'],
        'Sequence' => ['School', 'Standard', 'Composition'],
        'Schedule' => ['Standard', 'Composition', 'Sequence'],
        'Rework' => ['Standard', 'Composition'],
        'Plate' => ['School', 'Standard', 'Composition', 'Colour'],
        'Scheme' => ['School', 'Standard', 'Composition', 'Colour', 'Plate'],
        'Check' => ['Standard', 'Composition', 'Colour', 'Record'],
    ];

    /** @return iterable<string, Rule> */
    public function test_each_core_namespace_uses_only_what_its_edge_allows(): iterable
    {
        foreach (self::CORE as $namespace => $allowed) {
            yield "Core\\{$namespace}" => PHPat::rule()
                ->classes(Selector::inNamespace("Core\\{$namespace}"))
                ->canOnly()->dependOn()
                ->classes(...self::root(), ...array_map(static fn (string $name): SelectorInterface => Selector::inNamespace("Core\\{$name}"), [$namespace, ...$allowed]))
                ->because('a rule of the trade depends on no framework, no input or output, and on nothing further in');
        }
    }

    public function test_nothing_of_the_core_stands_outside_the_table(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Core'))
            ->excluding(...self::root(), ...array_map(static fn (string $name): SelectorInterface => Selector::inNamespace("Core\\{$name}"), array_keys(self::CORE)))
            ->shouldNot()->exist()
            ->because('a new namespace gets its edge in the table first');
    }

    public function test_documents_are_read_and_written_for_the_core_alone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Document'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Document'), Selector::inNamespace('Core'), Selector::inNamespace('Opis\JsonSchema'))
            ->because('commands and application read the same documents in the same way');
    }

    public function test_the_commands_know_nothing_of_the_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Cli'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Cli'), Selector::inNamespace('Document'), Selector::inNamespace('Core'))
            ->because('they run without a database and without the framework');
    }

    public function test_the_application_knows_nothing_of_the_commands(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Cli'))
            ->because('what both need stands in the documents and in the core');
    }

    public function test_http_asks_actions_and_writes_no_queries(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http'))
            ->shouldNot()->dependOn()
            ->classes(Selector::classname('Illuminate\Support\Facades\DB'), Selector::inNamespace('Illuminate\Database\Query'))
            ->because('a controller is form request, action, resource');
    }

    public function test_actions_know_nothing_of_http(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Import'), Selector::inNamespace('App\Models'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('Illuminate\Http'))
            ->because('what is done is the same whoever asks for it');
    }

    public function test_what_reads_files_knows_no_action(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Import'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Actions'))
            ->because('an action takes what was read, not the other way round');
    }

    public function test_what_is_done_is_the_same_on_one_machine_and_on_several(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Actions'), Selector::inNamespace('App\Models'), Selector::inNamespace('App\Export'), Selector::inNamespace('App\Papers'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Cluster'))
            ->because('they name what they need, and the settings choose who does it');
    }

    public function test_core_classes_are_final(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Core'))
            ->excluding(Selector::isInterface(), Selector::isEnum(), Selector::isAbstract())
            ->should()->beFinal()
            ->because('a rule is not extended but replaced');
    }

    public function test_core_classes_are_readonly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Core'))
            ->excluding(Selector::isInterface(), Selector::isEnum(), Selector::extends(\Core\CoreException::class), Selector::classname(\Core\CoreException::class))
            ->should()->beReadonly()
            ->because('values do not change; an operation returns a new one');
    }

    /** @return list<SelectorInterface> */
    private static function root(): array
    {
        return [Selector::classname('Core\CoreException'), Selector::classname('Core\NumberText'), Selector::classname('Core\Why')];
    }
}
