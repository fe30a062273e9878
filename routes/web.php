<?php

declare(strict_types=1);

use App\Http\Health\ShowAlive;
use App\Http\Health\ShowReady;
use App\Http\Shared\ShowDrawn;
use Illuminate\Support\Facades\Route;

// Pictures are of nobody in particular: no session, no cookie, so that everything on the way may keep them.
Route::get('/drawn/{key}-{width}.png', ShowDrawn::class)->where(['key' => '[0-9a-f]{64}', 'width' => '[0-9]{3}'])->withoutMiddleware('web');

// For who keeps it running: no session, no sign-in.
Route::get('/health', ShowAlive::class)->withoutMiddleware('web');
Route::get('/health/ready', ShowReady::class)->withoutMiddleware('web');

// Every address outside the API is a place of the single-page application.
Route::view('/{place?}', 'app')->where('place', '^(?!api/|sanctum/|build/|drawn/).*$');
