<?php

declare(strict_types=1);

namespace Tests\Cli;

use Cli\Application;
use Core\Colour\Srgb;
use Document\Json\JsonText;
use Document\Shape\ShapeCheck;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** The frame of the headless commands, as the contract has it. */
final class ApplicationTest extends TestCase
{
    private const TIER = ['distance_mm' => 700, 'sides' => ['front'], 'limits' => ['critical' => 0, 'major' => 1, 'minor' => 4], 'colour_tolerance' => 5];

    public function test_what_is_said_to_people_or_of_the_whole_changes_no_computation(): void
    {
        $composed = static fn (string $input): string => Application::withAllCommands()->run(['compose'], static fn (): string => $input)->output;
        $plain = $composed(self::added('whole', ['technique' => 'wash', 'minutes' => 4]));

        self::assertStringContainsString('"use":"wash"', $plain);
        self::assertSame($plain, $composed(self::added('whole', ['technique' => 'wash', 'minutes' => 4, 'stage' => 'light', 'except' => ['cloth'], 'coats_to' => 3, 'steps_to' => 2, 'note' => 'down'])));
    }

    public function test_alone_it_lists_the_commands(): void
    {
        $outcome = Application::withAllCommands()->run([], static fn (): string => '');

        self::assertSame(0, $outcome->status);
        foreach (['compose', 'raise', 'diff', 'lint', 'plate', 'colour-difference', 'mix', 'film', 'ladder', 'visibility', 'verdict', 'order', 'sequence', 'schedule', 'rework'] as $command) {
            self::assertStringContainsString($command, $outcome->output);
        }
    }

    public function test_the_executable_reads_standard_input_and_ends_with_its_status(): void
    {
        $run = static function (string $arguments, string $input): array {
            $process = proc_open('php bin/core '.$arguments, [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
            self::assertIsResource($process);
            fwrite($pipes[0], $input);
            fclose($pipes[0]);
            $output = (string) stream_get_contents($pipes[1]);

            return [proc_close($process), $output];
        };

        self::assertSame(0, $run('visibility', '{"flaws":[]}')[0]);
        [$status, $output] = $run('visibility', 'nonsense');
        self::assertSame(2, $status);
        self::assertStringStartsWith('{"error":{"code":"bad-json"', $output);
    }

    public function test_what_is_beside_the_command_is_said_to_be_unknown(): void
    {
        foreach ([['compose', '--foo'], ['compose', '--schema', '--foo'], ['--schema'], ['compose', '']] as $arguments) {
            $outcome = Application::withAllCommands()->run($arguments, static fn (): string => '{}');
            self::assertSame(2, $outcome->status, implode(' ', $arguments));
            self::assertStringContainsString('"unknown-command"', $outcome->output);
        }
    }

    public function test_a_document_is_read_up_to_its_largest_size(): void
    {
        self::assertStringStartsWith('{"results":[]', self::shell('php bin/core visibility', str_pad('{"flaws":[]}', JsonText::LARGEST)));
        self::assertStringContainsString('"out-of-range"', self::shell('php bin/core visibility', str_pad('{"flaws":[]}', JsonText::LARGEST + 1)));
    }

    public function test_a_reader_that_is_gone_is_no_error(): void
    {
        self::assertSame('', self::shell('php bin/core visibility 2>&1 >&-', '{"flaws":[]}'));
        self::assertStringStartsWith('{"error":{"code":"bad-json"', self::shell('php bin/core visibility 2>&1 <&-', ''));
    }

    /** What a command line prints. */
    private static function shell(string $line, string $input): string
    {
        $process = proc_open(['sh', '-c', $line], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
        self::assertIsResource($process);
        // Who is read no further closes the pipe.
        @fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $output = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $output;
    }

    public function test_a_reference_figure_without_size_is_of_size_one_and_its_areas_have_no_pieces(): void
    {
        $document = SmallStandard::with(['/reference/size' => SmallStandard::GONE, '/reference/areas/1/features' => SmallStandard::GONE]);
        $said = SmallStandard::with(['/reference/areas/1/features' => ['buckle' => 0]]);
        $lint = static fn (array $standard): string => Application::withAllCommands()->run(['lint'], static fn (): string => (string) json_encode(['standard' => $standard]))->output;

        self::assertSame($lint($said), $lint($document));
        self::assertStringNotContainsString('"error"', $lint($document));
    }

    /** @return iterable<string, array{string, string, string, string}> command, input, code, path */
    public static function refused(): iterable
    {
        $tier = self::TIER;
        $verdict = static fn (array $change): string => (string) json_encode($change + ['tier' => $tier, 'faults' => []]);

        yield 'an unknown command' => ['paint', '{}', 'unknown-command', ''];
        yield 'no JSON' => ['verdict', '{"tier":', 'bad-json', ''];
        yield 'no UTF-8' => ['verdict', "{\"tier\":\"\xff\"}", 'bad-json', ''];
        yield 'nothing at all' => ['verdict', '', 'bad-json', ''];
        yield 'a member named twice' => ['visibility', '{"flaws":[],"flaws":[]}', 'duplicate-member', '/flaws'];
        yield 'a member named twice, deep inside' => ['visibility', '{"flaws":[{"size_mm":1,"distance_mm":2},{"size_mm":1,"distance_mm":2,"size_mm":1}]}', 'duplicate-member', '/flaws/1/size_mm'];
        yield 'a member named twice, once by its code' => ['visibility', '{"fl\\u0061ws":[],"flaws":[]}', 'duplicate-member', '/flaws'];
        yield 'a member named twice is told before what is unknown' => ['visibility', '{"x":1,"x":1}', 'duplicate-member', '/x'];
        yield 'a name that begins with NUL' => ['visibility', '{"flaws":[],"\\u0000x":1}', 'unknown-member', "/\0x"];
        yield 'a name that begins with NUL where names are free' => ['compose', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 1, 'features' => ["\0" => 1]]]]]), 'unknown-member', "/model/areas/0/features/\0"];
        yield 'an object for a long list' => ['colour-difference', '{"pairs":{}}', 'wrong-type', '/pairs'];
        yield 'an object that looks like a list' => ['colour-difference', '{"pairs":{"0":{"a":{"hex":"#000000"},"b":{"hex":"#000000"}}}}', 'wrong-type', '/pairs'];
        yield 'an object for three numbers' => ['colour-difference', '{"pairs":[{"a":{"lab":{"0":1,"1":2,"2":3}},"b":{"hex":"#000000"}}]}', 'bad-colour', '/pairs/0/a/lab'];
        yield 'a list for a map' => ['compose', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 1, 'features' => [2]]]]]), 'wrong-type', '/model/areas/0/features'];
        yield 'an acuity under which nothing fills the angle' => ['visibility', '{"flaws":[],"acuity":0.0000925}', 'out-of-range', '/acuity'];
        yield 'brackets without end' => ['lint', str_repeat('[', 100_000), 'bad-json', ''];
        yield 'a list for an object' => ['verdict', '[]', 'wrong-type', ''];
        yield 'an unknown member at the top' => ['verdict', $verdict(['fault' => []]), 'unknown-member', '/fault'];
        yield 'an unknown member before a missing one' => ['verdict', '{"tire":{}}', 'unknown-member', '/tire'];
        yield 'a missing member' => ['verdict', (string) json_encode(['tier' => $tier]), 'missing-member', '/faults'];
        yield 'a member deep inside' => ['verdict', $verdict(['tier' => ['limits' => ['critical' => 0, 'major' => 1, 'minor' => 1, 'tiny' => 9]] + $tier]), 'unknown-member', '/tier/limits/tiny'];
        yield 'a number as a text' => ['verdict', $verdict(['tier' => ['distance_mm' => '700'] + $tier]), 'wrong-type', '/tier/distance_mm'];
        yield 'null is not left out' => ['verdict', $verdict(['tier' => ['notice_arcmin' => null] + $tier]), 'wrong-type', '/tier/notice_arcmin'];
        yield 'a distance of 0' => ['verdict', $verdict(['tier' => ['distance_mm' => 0] + $tier]), 'out-of-range', '/tier/distance_mm'];
        yield 'noticing under 1' => ['verdict', $verdict(['tier' => ['notice_arcmin' => 0.99] + $tier]), 'out-of-range', '/tier/notice_arcmin'];
        yield 'half a limit' => ['verdict', $verdict(['tier' => ['limits' => ['critical' => 0, 'major' => 0.5, 'minor' => 1]] + $tier]), 'out-of-range', '/tier/limits/major'];
        yield 'a number beyond all measure' => ['visibility', '{"flaws":[{"size_mm":1e999,"distance_mm":1}]}', 'out-of-range', '/flaws/0/size_mm'];
        yield 'a side that is none' => ['verdict', $verdict(['tier' => ['sides' => ['front', 'inside']] + $tier]), 'unknown-value', '/tier/sides/1'];
        yield 'a kind that is none' => ['verdict', $verdict(['faults' => [['kind' => 'smudge']]]), 'unknown-value', '/faults/0/kind'];
        yield 'a fault without a kind' => ['verdict', $verdict(['faults' => [['severity' => 'minor']]]), 'missing-member', '/faults/0/kind'];
        yield 'a flaw without a size' => ['verdict', $verdict(['faults' => [['kind' => 'flaw', 'zone' => 'plain', 'side' => 'front']]]), 'missing-member', '/faults/0/size_mm'];
        yield 'a member of another kind' => ['verdict', $verdict(['faults' => [['kind' => 'broken', 'size_mm' => 1]]]), 'unknown-member', '/faults/0/size_mm'];
        yield 'a technique and a choice of them' => ['lint', self::standard(['technique' => 'prime', 'any_of' => ['prime', 'base'], 'id' => 'x']), 'unknown-member', '/standard/requirements/0/uses/0/any_of'];
        yield 'neither a technique nor a choice' => ['lint', self::standard(['id' => 'x']), 'missing-member', '/standard/requirements/0/uses/0/technique'];
        yield 'a choice without a name' => ['lint', self::standard(['any_of' => ['prime', 'base']]), 'missing-member', '/standard/requirements/0/uses/0/id'];
        yield 'a choice of one' => ['lint', self::standard(['id' => 'x', 'any_of' => ['prime']]), 'out-of-range', '/standard/requirements/0/uses/0/any_of'];
        yield 'an empty id' => ['lint', self::standard(['id' => '', 'technique' => 'prime']), 'out-of-range', '/standard/requirements/0/uses/0/id'];
        yield 'sense after shape, with the path from the top' => ['lint', self::standard(['technique' => 'prime', 'each' => 1]), 'each-without-feature', '/standard/requirements/0/uses/0/each'];
        yield 'a use of an area with a stage' => ['lint', self::with(['/requirements/1/uses/0/stage' => 'light']), 'unknown-member', '/standard/requirements/1/uses/0/stage'];
        yield 'a use of an area with exceptions, far before what is missing' => ['lint', self::with(['/requirements/1/uses/0/except' => [], '/tiers/0/rank' => SmallStandard::GONE]), 'unknown-member', '/standard/requirements/1/uses/0/except'];
        yield 'an addition to an area with a stage' => ['compose', self::added('cloth', ['technique' => 'wash', 'stage' => 'light']), 'unknown-member', '/model/add/0/use/stage'];
        yield 'a plate with a stage' => ['plate', self::plated(['uses' => [['technique' => 'wash', 'stage' => 'light']]]), 'unknown-member', '/uses/0/stage'];
        yield 'a use of the whole named as one of the area' => ['plate', self::plated(['whole' => [['technique' => 'base']]]), 'duplicate-use', '/whole/0/technique'];
        yield 'a use of the whole kept off a surface that is none' => ['plate', self::plated(['whole' => [['technique' => 'wash', 'except' => ['silk']]]]), 'unknown-surface', '/whole/0/except/0'];
        yield 'a plate on no ground at all' => ['plate', self::plate(['grounds' => []]), 'out-of-range', '/colours/grounds'];
        yield 'a ground that is no colour' => ['plate', self::plate(['grounds' => ['#202020', 'dark']]), 'bad-colour', '/colours/grounds/1'];
        yield 'a school of an area where nothing is raised' => ['compose', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 1, 'after_shade' => 'relight']]]]), 'unknown-member', '/model/areas/0/after_shade'];
        yield 'a school of an area that is none' => ['raise', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 1, 'after_shade' => 'later']]], 'to' => 'rich']), 'unknown-value', '/model/areas/0/after_shade'];
        yield 'a stage that is no group' => ['lint', self::standard(['technique' => 'prime', 'stage' => 'late']), 'unknown-value', '/standard/requirements/0/uses/0/stage'];
        yield 'kept off a surface that is none' => ['lint', self::standard(['technique' => 'prime', 'except' => ['cloth', 'silk']]), 'unknown-surface', '/standard/requirements/0/uses/0/except/1'];
        yield 'kept off a surface twice' => ['lint', self::standard(['technique' => 'prime', 'except' => ['cloth', 'cloth']]), 'duplicate-id', '/standard/requirements/0/uses/0/except/1'];
        yield 'up to fewer coats than asked' => ['lint', self::standard(['technique' => 'prime', 'coats' => 3, 'coats_to' => 2]), 'out-of-range', '/standard/requirements/0/uses/0/coats_to'];
        yield 'up to fewer steps than asked' => ['compose', self::added('cloth', ['technique' => 'wash', 'steps' => 2, 'steps_to' => 1]), 'out-of-range', '/model/add/0/use/steps_to'];
        yield 'a tier to be raised to that is none' => ['raise', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => []], 'to' => 'gold']), 'unknown-tier', '/to'];
        yield 'the later of two standards' => ['diff', (string) json_encode(['from' => SmallStandard::document(), 'to' => SmallStandard::with(['/tiers/1/rank' => 1])]), 'duplicate-rank', '/to/tiers/1/rank'];
        yield 'a plate in a colour that is none' => ['plate', self::plate(['shade' => 'brown']), 'bad-colour', '/colours/shade'];
        yield 'a plate without a colour' => ['plate', self::plate(['detail' => null]), 'wrong-type', '/colours/detail'];
        yield 'a plate of a surface that is none' => ['plate', self::plate([], 'silk'), 'unknown-surface', '/surface'];
        yield 'a running surface that is none' => ['lint', (string) json_encode(['standard' => SmallStandard::document(), 'in_use' => ['silk']]), 'unknown-surface', '/in_use/0'];
        yield 'a technique that comes after one that is none' => ['lint', self::with(['/techniques/1/comes_after' => [['technique' => 'gilding', 'why' => 'access']]]), 'unknown-technique', '/standard/techniques/1/comes_after/0/technique'];
        yield 'a technique that comes after another somewhere' => ['lint', self::with(['/techniques/1/comes_after' => [['technique' => 'wash', 'why' => 'access', 'where' => 'shelf']]]), 'unknown-value', '/standard/techniques/1/comes_after/0/where'];
        yield 'a neighbour that is none' => ['order', self::placed(['neighbours' => ['hat', 'boots']]), 'unknown-area', '/model/areas/1/neighbours/1'];
        yield 'an area beside itself' => ['order', self::placed(['neighbours' => ['coat']]), 'unknown-area', '/model/areas/1/neighbours/0'];
        yield 'a neighbour named twice' => ['order', self::placed(['neighbours' => ['hat', 'hat']]), 'duplicate-id', '/model/areas/1/neighbours/1'];
        yield 'the figure as one for a neighbour' => ['order', self::placed(['neighbours' => ['figure']]), 'unknown-area', '/model/areas/1/neighbours/0'];
        yield 'on the figure as one' => ['order', self::placed(['on' => 'figure']), 'unknown-area', '/model/areas/1/on'];
        yield 'on an area that is none' => ['order', self::placed(['on' => 'boots']), 'unknown-area', '/model/areas/1/on'];
        yield 'on itself' => ['order', self::placed(['on' => 'coat']), 'cycle', '/model/areas/1/on'];
        yield 'on each other' => ['order', self::placed(['on' => 'hat'], ['on' => 'coat']), 'cycle', '/model/areas/1/on'];
        yield 'the figure as one twice' => ['order', self::placed([], ['surface' => 'whole']), 'duplicate-area', '/model/areas/2/surface'];
        yield 'half a depth' => ['order', self::placed(['depth' => 0.5]), 'out-of-range', '/model/areas/1/depth'];
        yield 'a depth under 0' => ['order', self::placed(['depth' => -1]), 'out-of-range', '/model/areas/1/depth'];
        yield 'tidying that takes less than no time' => ['order', self::placed([], [], ['tidy_share' => -0.1]), 'out-of-range', '/settings/tidy_share'];
        yield 'a setting that nobody knows' => ['order', self::placed([], [], ['tidy' => 1]), 'unknown-member', '/settings/tidy'];
        $steps = static fn (array ...$steps): string => (string) json_encode(['steps' => array_map(static fn (array $step): array => ['id' => $step[0], 'paint' => $step[1], 'after' => $step[2]], $steps)]);
        yield 'a step twice' => ['sequence', $steps(['coat', 'blue', []], ['coat', 'red', []]), 'duplicate-id', '/steps/1/id'];
        yield 'a step after one that is none' => ['sequence', $steps(['coat', 'blue', ['hat']]), 'unknown-id', '/steps/0/after/0'];
        yield 'a step after another twice' => ['sequence', $steps(['hat', 'blue', []], ['coat', 'blue', ['hat', 'hat']]), 'duplicate-id', '/steps/1/after/1'];
        yield 'steps that wait for each other' => ['sequence', $steps(['hat', 'blue', ['coat']], ['coat', 'blue', ['hat']]), 'cycle', '/steps'];
        yield 'a step that does not say what it waits for' => ['sequence', '{"steps":[{"id":"coat","paint":"blue"}]}', 'missing-member', '/steps/0/after'];
        yield 'a batch of no models' => ['schedule', '{"models":0,"steps":[]}', 'out-of-range', '/models'];
        yield 'a batch of half a model' => ['schedule', '{"models":1.5,"steps":[]}', 'out-of-range', '/models'];
        yield 'a step that takes no time' => ['schedule', '{"models":1,"steps":[{"id":"wash","minutes":0}]}', 'out-of-range', '/steps/0/minutes'];
        yield 'a step that dries less than not at all' => ['schedule', '{"models":1,"steps":[{"id":"wash","minutes":1,"dry":-1}]}', 'out-of-range', '/steps/0/dry'];
        yield 'a step of a batch after itself' => ['schedule', '{"models":1,"steps":[{"id":"wash","minutes":1,"after":["wash"]}]}', 'cycle', '/steps'];
        yield 'a step of a batch twice' => ['schedule', '{"models":1,"steps":[{"id":"wash","minutes":1},{"id":"wash","minutes":1}]}', 'duplicate-id', '/steps/1/id'];
        yield 'a step of a batch after one that is none' => ['schedule', '{"models":1,"steps":[{"id":"wash","minutes":1,"after":["base"]}]}', 'unknown-id', '/steps/0/after/0'];
        $rework = static fn (array $change): string => (string) json_encode($change + ['ground' => ['id' => 'brown', 'minutes' => 2], 'layers' => [['id' => 'cream', 'opacity' => 'opaque', 'minutes' => 10], ['id' => 'shade', 'opacity' => 'transparent', 'minutes' => 4]], 'fault' => ['spill' => true, 'extent' => 0.1]]);
        yield 'a spill that is none' => ['rework', $rework(['fault' => ['spill' => false, 'extent' => 0.1]]), 'unknown-value', '/fault/spill'];
        yield 'a fault in a layer, and a spill' => ['rework', $rework(['fault' => ['layer' => 'shade', 'spill' => true, 'extent' => 0.1]]), 'unknown-member', '/fault/spill'];
        yield 'a fault of nothing' => ['rework', $rework(['fault' => ['extent' => 0.1]]), 'missing-member', '/fault/layer'];
        yield 'a fault on more than all' => ['rework', $rework(['fault' => ['spill' => true, 'extent' => 1.1]]), 'out-of-range', '/fault/extent'];
        yield 'a fault in the ground' => ['rework', $rework(['fault' => ['layer' => 'brown', 'extent' => 0.1]]), 'unknown-layer', '/fault/layer'];
        yield 'a fault in what is not laid' => ['rework', $rework(['laid' => 1, 'fault' => ['layer' => 'shade', 'extent' => 0.1]]), 'not-laid', '/fault/layer'];
        yield 'more layers laid than there are' => ['rework', $rework(['laid' => 3]), 'out-of-range', '/laid'];
        yield 'a shade that covers' => ['rework', $rework(['layers' => [['id' => 'shade', 'opacity' => 'semi', 'covers' => true, 'minutes' => 4]]]), 'cannot-cover', '/layers/0/covers'];
        yield 'a layer with the id of the ground' => ['rework', $rework(['layers' => [['id' => 'brown', 'opacity' => 'opaque', 'minutes' => 4]]]), 'duplicate-id', '/layers/0/id'];
        yield 'where an area lies, where nothing is ordered' => ['compose', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 1, 'depth' => 1]]]]), 'unknown-member', '/model/areas/0/depth'];
        yield 'a school that is none' => ['lint', self::with(['/schools' => ['lights' => 'nowhere']]), 'unknown-value', '/standard/schools/lights'];
        yield 'a question that is none' => ['lint', self::with(['/surfaces/1/schools' => ['taste' => 'good']]), 'unknown-member', '/standard/surfaces/1/schools/taste'];
        yield 'a price by list and by the hour' => ['lint', self::with(['/tiers/0/price' => ['list' => ['foot' => 100], 'hourly' => 1]]), 'unknown-member', '/standard/tiers/0/price/hourly'];
        yield 'half a cent' => ['lint', self::with(['/tiers/0/price' => ['list' => ['foot' => 100.5]]]), 'out-of-range', '/standard/tiers/0/price/list/foot'];
        yield 'a value span over 100' => ['lint', self::with(['/tiers/0/value_span' => 101]), 'out-of-range', '/standard/tiers/0/value_span'];
        yield 'a menu of what is not asked' => ['lint', self::with(['/requirements/1/menu' => [['id' => 'm', 'uses' => ['gild']]]]), 'unknown-use', '/standard/requirements/1/menu/0/uses/0'];
        yield 'a menu of nothing' => ['lint', self::with(['/requirements/1/menu' => [['id' => 'm', 'uses' => []]]]), 'out-of-range', '/standard/requirements/1/menu/0/uses'];
        yield 'a finding accepted without a reason' => ['lint', self::with(['/accepted' => [['code' => 'undecided', 'tier' => 'rich', 'reason' => '']]]), 'out-of-range', '/standard/accepted/0/reason'];
        yield 'a colour in no way' => ['colour-difference', '{"pairs":[{"a":{},"b":{"hex":"#000000"}}]}', 'bad-colour', '/pairs/0/a'];
        yield 'a colour in both ways' => ['colour-difference', '{"pairs":[{"a":{"hex":"#000000"},"b":{"hex":"#000000","lab":[0,0,0]}}]}', 'bad-colour', '/pairs/0/b'];
        yield 'two of three numbers' => ['colour-difference', '{"pairs":[{"a":{"lab":[50,1]},"b":{"hex":"#000000"}}]}', 'bad-colour', '/pairs/0/a/lab'];
        yield 'a text among three numbers' => ['colour-difference', '{"pairs":[{"a":{"lab":[50,1,"2"]},"b":{"hex":"#000000"}}]}', 'bad-colour', '/pairs/0/a/lab'];
        yield 'a bad hex far down a list' => ['colour-difference', '{"pairs":['.str_repeat('{"a":{"hex":"#000000"},"b":{"lab":[1,2,3]}},', 700).'{"a":{"hex":"#00000"},"b":{"lab":[1,2,3]}}]}', 'bad-colour', '/pairs/700/a/hex'];
        yield 'an unknown member beside a long list' => ['colour-difference', '{"pairs":[],"kl":1}', 'unknown-member', '/kl'];
        yield 'an unknown member of a colour' => ['colour-difference', '{"pairs":[{"a":{"rgb":"#000000"},"b":{}}]}', 'unknown-member', '/pairs/0/a/rgb'];
        yield 'a list that is none' => ['colour-difference', '{"pairs":{"a":1}}', 'wrong-type', '/pairs'];
        yield 'more pairs than may be' => ['colour-difference', '{"pairs":['.str_repeat('{"a":{"hex":"#000000"},"b":{"lab":[1,2,3]}},', 100_000).'{"a":{"hex":"#000000"},"b":{"lab":[1,2,3]}}]}', 'out-of-range', '/pairs'];
        yield 'a mix of nothing' => ['mix', '{"parts":[]}', 'out-of-range', '/parts'];
        yield 'no parts of a paint' => ['mix', '{"parts":[{"hex":"#000000","parts":0}]}', 'out-of-range', '/parts/0/parts'];
        yield 'half a coat' => ['film', '{"over":"#000000","film":"#ffffff","strength":0.5,"coats":0.5}', 'out-of-range', '/coats'];
        yield 'a film over all strength' => ['film', '{"over":"#000000","film":"#ffffff","strength":1.01,"coats":1}', 'out-of-range', '/strength'];
        yield 'a film over no colour' => ['film', '{"over":"black","film":"#ffffff","strength":0.5,"coats":1}', 'bad-colour', '/over'];
        yield 'a ladder without a base' => ['ladder', '{"steps":[],"rules":{"min_step":4,"max_step":25,"min_span":30}}', 'no-base', '/steps'];
        yield 'a step of no role' => ['ladder', '{"steps":[{"role":"glaze","hex":"#000000","cover":1}],"rules":{"min_step":4,"max_step":25,"min_span":30}}', 'unknown-value', '/steps/0/role'];
        yield 'a cover over the whole' => ['ladder', '{"steps":[{"role":"base","hex":"#000000","cover":1.1}],"rules":{"min_step":4,"max_step":25,"min_span":30}}', 'out-of-range', '/steps/0/cover'];
        yield 'a step that lies nowhere' => ['ladder', '{"steps":[{"role":"base","hex":"#000000","cover":1,"lies_on":"seam"}],"rules":{"min_step":4,"max_step":25,"min_span":30}}', 'unknown-value', '/steps/0/lies_on'];
        yield 'a ladder without rules' => ['ladder', '{"steps":[]}', 'missing-member', '/rules'];
        yield 'a reference to nothing in lint' => ['lint', (string) json_encode(['standard' => self::replacing()]), 'unknown-technique', '/standard/techniques/0/replaces/0'];
    }

    #[DataProvider('refused')]
    public function test_bad_input_is_refused_with_code_and_path(string $command, string $input, string $code, string $path): void
    {
        $outcome = Application::withAllCommands()->run([$command], static fn (): string => $input);
        $answer = json_decode($outcome->output, true);

        self::assertSame(2, $outcome->status);
        self::assertIsArray($answer);
        self::assertIsArray($answer['error'] ?? null);
        self::assertSame([$code, $path], [$answer['error']['code'] ?? null, $answer['error']['path'] ?? null], $outcome->output);
        self::assertNotEmpty($answer['error']['message'] ?? '');
    }

    public function test_the_commands_of_colour_answer_in_their_form(): void
    {
        $run = static fn (string $command, string $input): mixed => json_decode(Application::withAllCommands()->run([$command], static fn (): string => $input)->output, true);

        $difference = $run('colour-difference', '{"pairs":[{"a":{"hex":"#FFFFFF"},"b":{"lab":[100,0,0]}},{"a":{"lab":[50,2.6772,-79.7751]},"b":{"lab":[50,0,-82.7485]}}]}');
        self::assertIsArray($difference);
        self::assertEqualsWithDelta([0.0, 2.0425], $difference['deltaE00'], 0.0001);
        $mix = $run('mix', '{"parts":[{"hex":"#8C3A26","parts":3}]}');
        self::assertIsArray($mix);
        self::assertSame(['hex', 'lab'], array_keys($mix));
        self::assertSame('#8c3a26', $mix['hex']);
        self::assertEquals(['hex' => '#010203', 'lab' => Srgb::fromHex('#010203')->lab()->toArray()], $run('film', '{"over":"#010203","film":"#ffffff","strength":0.4,"coats":0.0}'));
        $ladder = $run('ladder', '{"steps":[{"role":"base","hex":"#303030","cover":1},{"role":"light","hex":"#919191","cover":1}],"rules":{"min_step":4,"max_step":25,"min_span":50}}');
        self::assertIsArray($ladder);
        $line = $run('ladder', '{"steps":[{"role":"base","hex":"#303030","cover":1},{"role":"light","hex":"#919191","cover":0.1,"lies_on":"edge"},{"role":"light","hex":"#e2e2e2","cover":0.02,"lies_on":"point"}],"rules":{"min_step":4,"max_step":25,"min_span":50}}');
        self::assertIsArray($line);
        self::assertSame([], $line['findings']);
        self::assertSame(['lightness', 'values', 'span', 'findings'], array_keys($ladder));
        self::assertSame([5, 2], $ladder['values']);
        self::assertSame([['code' => 'span-short', 'at' => -1], ['code' => 'jump', 'at' => 1], ['code' => 'covers-previous', 'at' => 1]], $ladder['findings']);
    }

    public function test_a_whole_number_may_be_written_with_a_fraction_of_nothing(): void
    {
        $outcome = Application::withAllCommands()->run(['verdict'], static fn (): string => '{"tier":{"distance_mm":700,"sides":["front"],"limits":{"critical":0.0,"major":1.0,"minor":4},"colour_tolerance":5},"faults":[]}');

        self::assertSame(0, $outcome->status, $outcome->output);
    }

    public function test_the_schema_accepts_what_the_command_accepts_and_refuses_unknown_members_at_every_depth(): void
    {
        $outcome = Application::withAllCommands()->run(['compose', '--schema'], static fn (): string => '');
        $schema = json_decode($outcome->output, true);
        self::assertIsArray($schema);
        $input = ['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5]]]];
        /** @var array<string, mixed> $schema */
        $faults = static fn (array $document): array => (new ShapeCheck($schema))->faults(json_decode((string) json_encode($document)));

        self::assertSame([], $faults($input));
        $input['standard']['requirements'][1]['criteria'][0]['colour'] = 'red';
        self::assertSame('/standard/requirements/1/criteria/0/colour', $faults($input)[0]->pointer);
    }

    public function test_compose_answers_in_the_form_of_the_contract(): void
    {
        $input = json_encode(['standard' => SmallStandard::document(), 'model' => [
            'tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5], ['id' => 'badge', 'surface' => 'marking', 'share' => 0.1]],
            'waive' => [['area' => 'coat', 'use' => 'shade', 'reason' => 'agreed']],
        ]]);

        self::assertJsonStringEqualsJsonString((string) json_encode([
            'uses' => [
                ['area' => 'coat', 'use' => 'base', 'technique' => 'base', 'coats' => 2, 'steps' => 1, 'extent' => 'every', 'minutes' => 7, 'from' => 'tier'],
                ['area' => 'coat', 'use' => 'light', 'technique' => 'drybrush', 'coats' => 1, 'steps' => 1, 'extent' => 'upper', 'minutes' => 10, 'from' => 'tier'],
            ],
            'criteria' => [['area' => 'coat', 'id' => 'covered'], ['area' => 'coat', 'id' => 'lit'], ['area' => 'coat', 'id' => 'modelled']],
            'undecided' => [],
            'not_asked' => ['badge'],
            'minutes' => 17,
        ]), Application::withAllCommands()->run(['compose'], static fn (): string => (string) $input)->output);
    }

    /** @param  array<string, mixed>  $use */
    private static function standard(array $use): string
    {
        $document = SmallStandard::document();

        return (string) json_encode(['standard' => ['requirements' => [['tier' => 'plain', 'surface' => 'whole', 'uses' => [$use]]]] + $document]);
    }

    /** @return array<string, mixed> */
    private static function replacing(): array
    {
        $document = SmallStandard::document();
        $document['techniques'][0]['replaces'] = ['sponge'];

        return $document;
    }

    /**
     * A figure with a coat and a hat, to be put in order.
     *
     * @param  array<string, mixed>  $coat further members
     * @param  array<string, mixed>  $hat
     * @param  array<string, mixed>  $settings
     */
    private static function placed(array $coat, array $hat = [], array $settings = []): string
    {
        $areas = [['id' => 'figure', 'surface' => 'whole', 'share' => 1], $coat + ['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5], $hat + ['id' => 'hat', 'surface' => 'cloth', 'share' => 0.1]];

        return (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => $areas], 'settings' => (object) $settings]);
    }

    /** @param  array<string, mixed>  $changes */
    private static function with(array $changes): string
    {
        return (string) json_encode(['standard' => SmallStandard::with($changes)]);
    }

    /** @param  array<string, mixed>  $use added to an area of this surface */
    private static function added(string $surface, array $use): string
    {
        return (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'here', 'surface' => $surface, 'share' => 1]], 'add' => [['area' => 'here', 'use' => $use]]]]);
    }

    /** @param  array<string, mixed>  $colours */
    private static function plate(array $colours, string $surface = 'cloth'): string
    {
        $all = ['ground' => '#202020', 'base' => '#707070', 'shade' => '#303030', 'lights' => ['#c0c0c0'], 'detail' => '#F0F0F0'];

        return (string) json_encode(['standard' => SmallStandard::document(), 'surface' => $surface, 'uses' => [['technique' => 'base']], 'colours' => $colours + $all]);
    }

    /** @param  array<string, mixed>  $members in place of the plate's own */
    private static function plated(array $members): string
    {
        return (string) json_encode($members + (array) json_decode(self::plate([]), true));
    }

    /**
     * @param  array<string, mixed>  $members of a plate
     * @return array{zone: string, hex: string, lightness: float, uses: list<string>}
     */
    private static function recess(array $members): array
    {
        /** @var array{zones: list<array{zone: string, hex: string, lightness: float, uses: list<string>}>} $answer */
        $answer = json_decode(Application::withAllCommands()->run(['plate'], static fn (): string => self::plated($members))->output, true);

        return $answer['zones'][1];
    }

    public function test_what_is_done_to_the_whole_figure_is_laid_on_a_plate(): void
    {
        $bare = self::recess([]);
        $washed = self::recess(['whole' => [['technique' => 'wash']]]);

        self::assertLessThan($bare['lightness'], $washed['lightness']);
        self::assertSame(['base', 'wash'], $washed['uses']);
        self::assertSame($bare, self::recess(['whole' => [['technique' => 'wash', 'except' => ['cloth']]]]), 'cloth is kept free of it');
        self::assertSame(['wash', 'base'], self::recess(['whole' => [['technique' => 'wash', 'stage' => 'ground']]])['uses'], 'before the lay-in that covers it');
    }

    public function test_the_commands_about_standards_answer_in_the_form_of_the_contract(): void
    {
        $run = static fn (string $command, string $input): mixed => json_decode(Application::withAllCommands()->run([$command], static fn (): string => $input)->output, true);
        $plate = $run('plate', self::plate([]));
        $raise = $run('raise', (string) json_encode(['standard' => SmallStandard::document(), 'model' => ['tier' => 'plain', 'areas' => [['id' => 'coat', 'surface' => 'cloth', 'share' => 0.5]]], 'to' => 'rich']));
        $diff = $run('diff', (string) json_encode(['from' => SmallStandard::document(), 'to' => SmallStandard::document()]));

        self::assertIsArray($plate);
        self::assertIsArray($plate['zones']);
        self::assertSame(['seam', 'recess', 'low-face', 'face', 'high-face', 'low-edge', 'edge', 'point'], array_column($plate['zones'], 'zone'));
        self::assertSame(array_fill(0, 8, '#707070'), array_column($plate['zones'], 'hex'));
        self::assertSame(array_fill(0, 8, ['base']), array_column($plate['zones'], 'uses'));
        self::assertEquals(0, $plate['span']);
        self::assertIsArray($raise);
        self::assertSame(['uses', 'tidy', 'blocked', 'minutes'], array_keys($raise));
        self::assertEquals([
            ['area' => 'coat', 'use' => 'recess', 'technique' => 'recess-wash', 'coats' => 1, 'steps' => 1, 'extent' => 'every', 'minutes' => 10],
            ['area' => 'coat', 'use' => 'light', 'technique' => 'layer', 'coats' => 1, 'steps' => 2, 'extent' => 'every', 'minutes' => 20],
        ], $raise['uses']);
        self::assertSame(['changes' => [], 'tiers' => [], 'criteria' => [], 'cells' => [], 'order' => []], $diff);
    }
}
