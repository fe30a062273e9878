<?php

declare(strict_types=1);

use App\Console\TidyMade;
use App\Console\VerifyRecords;
use Illuminate\Support\Facades\Schedule;

// At night, when nobody waits for the database.
Schedule::command(VerifyRecords::class)->dailyAt('03:10')->withoutOverlapping()->onOneServer();
Schedule::command(TidyMade::class)->dailyAt('03:40')->withoutOverlapping()->onOneServer();
