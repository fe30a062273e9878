<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Every address outside the API is a place of the single-page application.
Route::view('/{place?}', 'app')->where('place', '^(?!api/|sanctum/|build/).*$');
