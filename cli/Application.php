<?php

declare(strict_types=1);

namespace Cli;

use Cli\Command\ColourDifference;
use Cli\Command\Command;
use Cli\Command\Compose;
use Cli\Command\Diff;
use Cli\Command\Effort;
use Cli\Command\Film;
use Cli\Command\HasLongList;
use Cli\Command\Ladder;
use Cli\Command\Lint;
use Cli\Command\Mix;
use Cli\Command\Order;
use Cli\Command\Plate;
use Cli\Command\Raise;
use Cli\Command\Rework;
use Cli\Command\Schedule;
use Cli\Command\Sequence;
use Cli\Command\TierMix;
use Cli\Command\Verdict;
use Cli\Command\Visibility;
use Core\CoreException;
use Document\Json\BadDocument;
use Document\Json\JsonText;
use Document\Shape\LongList;
use Document\Shape\ShapeCheck;

/** The frame of the headless commands: one JSON document in, one out. */
final readonly class Application
{
    private const BAD_INPUT = 2;

    /** @var array<string, Command> */
    private array $commands;

    /** @param  list<Command>  $commands */
    public function __construct(array $commands)
    {
        $byName = [];
        foreach ($commands as $command) {
            $byName[$command->name()] = $command;
        }
        $this->commands = $byName;
    }

    public static function withAllCommands(): self
    {
        return new self([new Compose, new Raise, new Diff, new Lint, new Plate, new ColourDifference, new Mix, new Film, new Ladder, new Visibility, new Verdict, new Order, new Sequence, new Schedule, new Effort, new TierMix, new Rework]);
    }

    /**
     * @param  list<string>  $arguments without the name of the program
     * @param  callable(): string  $input read only when a command runs
     */
    public function run(array $arguments, callable $input): Outcome
    {
        $name = $arguments[0] ?? null;
        if ($name === null) {
            return new Outcome($this->list(), 0);
        }
        $command = $this->commands[$name] ?? null;
        if ($command === null) {
            return self::refuse('unknown-command', "There is no command \"{$name}\"; there are: ".implode(', ', array_keys($this->commands)).'.', '');
        }
        $further = array_slice($arguments, 1);
        if ($further !== [] && $further !== ['--schema']) {
            return self::refuse('unknown-command', "The command {$name} takes its input on standard input, and nothing beside it but --schema; \"".implode(' ', $further).'" is not known.', '');
        }
        if ($further === ['--schema']) {
            return Outcome::json(['$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => "Input of {$name}", ...$command->schema()], JSON_PRETTY_PRINT);
        }

        return self::answer($command, $input());
    }

    private static function answer(Command $command, string $text): Outcome
    {
        try {
            $document = JsonText::of($text);
            $faults = $command instanceof HasLongList
                ? (new LongList($command->schema(), $command->longList()))->faults($document, $command->isSound(...))
                : (new ShapeCheck($command->schema()))->faults($document->withObjects());
            if ($faults !== []) {
                throw BadDocument::withFaults($faults);
            }

            return Outcome::json($command->run($document->withArrays()));
        } catch (BadDocument $bad) {
            return self::refuse($bad->faults[0]->code, $bad->faults[0]->message, $bad->faults[0]->pointer);
        } catch (CoreException $refusal) {
            return self::refuse($refusal->code(), $refusal->getMessage(), $refusal->pointer());
        }
    }

    private static function refuse(string $code, string $message, string $path): Outcome
    {
        return Outcome::json(['error' => ['code' => $code, 'message' => $message, 'path' => $path]], 0, self::BAD_INPUT);
    }

    private function list(): string
    {
        $lines = array_map(
            static fn (Command $command): string => sprintf("  %-18s %s\n", $command->name(), $command->summary()),
            array_values($this->commands),
        );

        return "php bin/core COMMAND < input.json > output.json\nphp bin/core COMMAND --schema\n\n".implode('', $lines);
    }
}
