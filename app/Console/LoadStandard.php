<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\Standards\PutInForce;
use App\Actions\Standards\StoreStandard;
use App\Models\CurrentStudio;
use App\Models\Studio;
use App\Refusals\Refusal;
use Document\Json\BadDocument;
use Document\Standard\StandardFile;
use Illuminate\Console\Command;

/** Loads a standard file as a draft. A bad file: every error with its place, and nothing stored. */
final class LoadStandard extends Command
{
    protected $signature = 'standard:load {file : a file of the format ordotype-standard/1} {--studio= : name of the studio} {--in-force : put it in force at once}';

    protected $description = 'Load a standard file as a draft';

    public function handle(CurrentStudio $current, StoreStandard $store, PutInForce $putInForce): int
    {
        $studio = Studio::query()->where('name', $this->option('studio'))->first();
        $file = $this->argument('file');
        $text = is_file($file) ? file_get_contents($file) : false;
        if ($studio === null || $text === false) {
            $this->error($studio === null ? 'There is no such studio; name one with --studio="…". Studios: '.Studio::query()->pluck('name')->implode(', ') : 'This file cannot be read.');

            return self::FAILURE;
        }

        return $current->within($studio->id, function () use ($text, $store, $putInForce): int {
            try {
                $version = $store->handle(StandardFile::read($text));
            } catch (BadDocument $bad) {
                foreach ($bad->faults as $fault) {
                    $this->line(($fault->pointer === '' ? '(whole file)' : $fault->pointer)."  {$fault->code}  {$fault->message}");
                }
                $this->error(count($bad->faults).' errors; nothing was stored.');

                return self::FAILURE;
            } catch (Refusal $refusal) {
                $this->error($refusal->getMessage());

                return self::FAILURE;
            }
            if ($this->option('in-force')) {
                $putInForce->handle($version, null);
            }
            $this->info("Loaded version {$version->label}".($this->option('in-force') ? ' and put it in force.' : ' as a draft.'));

            return self::SUCCESS;
        });
    }
}
